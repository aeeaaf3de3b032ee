import { useId, type ComponentProps, type ReactNode } from 'react'

export type FormFieldProps = Omit<ComponentProps<'input'>, 'id' | 'className' | 'onChange'> & {
  label: string
  /** What is to be known before it is filled in. */
  hint?: string
  problem?: string | null
  /** What else can be done with the field, at the right of its label. */
  action?: ReactNode
  take: (text: string) => void
}

/** A labelled field of a form, with what was refused of it. */
export function FormField({ label, hint, problem = null, action, take, ...input }: FormFieldProps) {
  const id = useId()
  return (
    <div>
      <div className="flex items-baseline justify-between gap-4">
        <label htmlFor={id} className="font-medium">
          {label}
        </label>
        {action}
      </div>
      {hint && (
        <p id={`${id}-hint`} className="text-soft text-[0.8125rem]">
          {hint}
        </p>
      )}
      <input
        id={id}
        className="field mt-1"
        aria-invalid={problem !== null}
        aria-describedby={`${id}-hint ${id}-problem`}
        onChange={(event) => take(event.target.value)}
        {...input}
      />
      <p id={`${id}-problem`} role="alert" className="field-problem empty:mt-0">
        {problem}
      </p>
    </div>
  )
}
