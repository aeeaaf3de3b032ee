import { useId } from 'react'
import { FormField } from '../account/FormField'
import { problemAt, type ClientDetails } from '../api/client'

type ClientFieldsProps = {
  details: ClientDetails
  change: (details: ClientDetails) => void
  /** Why they were not kept. */
  error: Error | null
}

/** What is known of a client: how they are called and reached, and what is to be remembered. */
export function ClientFields({ details, change, error }: ClientFieldsProps) {
  const notesId = useId()
  const field = (name: keyof ClientDetails) => ({
    value: details[name],
    take: (text: string) => change({ ...details, [name]: text }),
    problem: problemAt(error, `/${name}`),
    autoComplete: 'off',
  })
  return (
    <div className="mid:grid-cols-2 grid gap-x-6 gap-y-3">
      <FormField
        label="Name"
        required
        maxLength={200}
        placeholder="a person or a household"
        {...field('name')}
      />
      <FormField label="Address" maxLength={300} {...field('address')} />
      <FormField label="Phone" type="tel" maxLength={60} {...field('phone')} />
      <FormField label="Email" type="email" maxLength={254} {...field('email')} />
      <div className="mid:col-span-2">
        <label htmlFor={notesId} className="font-medium">
          Notes
        </label>
        <textarea
          id={notesId}
          className="field mt-1"
          rows={Math.min(12, Math.max(3, details.notes.split('\n').length + 1))}
          maxLength={10_000}
          placeholder="for the practice alone"
          value={details.notes}
          onChange={(event) => change({ ...details, notes: event.target.value })}
        />
        <p role="alert" className="field-problem empty:mt-0">
          {problemAt(error, '/notes')}
        </p>
      </div>
    </div>
  )
}
