import { readAmount } from '../entry/amount'
import { readPercent } from '../entry/percent'
import { formatEntry } from '../format/amount'
import { formatPercent } from '../format/percent'
import { Field } from './Field'
import type { EntryField } from './useEntry'

/** Reads an amount otherwise than as it stands: for another span, say. */
type Read = Pick<EntryField<number>, 'read'>

type ValueFieldProps = {
  label: string
  hint: string
  pointer: string
  also?: readonly string[]
  /** Cents or percent; null and 0 are nothing. */
  value: number | null | undefined
  take: (value: number | null) => void
}

/** An amount that is nothing where it is not given. */
export function AmountField({ value, read = readAmount, ...field }: ValueFieldProps & Partial<Read>) {
  return (
    <Field
      {...field}
      text={value ? formatEntry(value) : ''}
      read={read}
      inputMode="decimal"
      clear={() => field.take(null)}
    />
  )
}

/** A percentage that is nothing where it is not given. */
export function PercentField({ value, ...field }: ValueFieldProps) {
  return (
    <Field
      {...field}
      text={value ? formatPercent(value) : ''}
      read={readPercent}
      inputMode="decimal"
      clear={() => field.take(null)}
    />
  )
}
