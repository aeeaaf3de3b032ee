import type { ChoiceProps } from '../sentence/Choice'
import { LazyChoice } from '../sentence/LazyChoice'

/** One of a few words, with its label above it, in a form. */
export function ChoiceField<T extends string>({ label, ...choice }: Omit<ChoiceProps<T>, 'className'>) {
  return (
    <div className="font-medium">
      <span aria-hidden>{label}</span>
      <LazyChoice label={label} className="field mt-1 text-left font-normal" {...choice} />
    </div>
  )
}
