import { useId } from 'react'
import { useEntry, type EntryField } from './useEntry'
import { useTypeOver } from './useTypeOver'

type FieldProps<T> = EntryField<T> & { label: string; hint: string }

/** A figure with its label above it; empty means none. */
export function Field<T>({ label, hint, ...field }: FieldProps<T>) {
  const { shown, problem, type, finish, takeBack, isTyped } = useEntry(field)
  const typeOver = useTypeOver()
  const id = useId()
  return (
    <div>
      <label htmlFor={id} className="mb-1 flex items-baseline justify-between gap-3 font-medium">
        {label}
        <span id={`${id}-hint`} className="text-soft text-right text-xs font-normal">
          {hint}
        </span>
      </label>
      <input
        id={id}
        className="field font-figures text-right text-lg leading-tight"
        data-pointer={field.pointer}
        data-also={field.also?.join(' ')}
        data-typed={isTyped || undefined}
        aria-invalid={problem !== undefined}
        aria-describedby={problem === undefined ? `${id}-hint` : `${id}-problem`}
        inputMode={field.inputMode}
        placeholder="none"
        autoComplete="off"
        value={shown}
        onChange={(event) => type(event.target.value)}
        {...typeOver}
        onBlur={finish}
        onKeyDown={(event) => {
          if (event.key === 'Enter') finish()
          if (event.key === 'Escape') takeBack()
        }}
      />
      {problem !== undefined && (
        <p id={`${id}-problem`} role="alert" className="field-problem">
          {problem}
        </p>
      )}
    </div>
  )
}
