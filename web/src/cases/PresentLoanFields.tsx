import { readAmount } from '../entry/amount'
import { readDay } from '../entry/date'
import { readRate } from '../entry/percent'
import { readTerm } from '../entry/term'
import { Field } from '../field/Field'
import { formatEntry } from '../format/amount'
import { pageLocale } from '../format/pageLocale'
import { formatDay } from '../format/date'
import { formatPercent } from '../format/percent'
import { formatTerm } from '../format/term'
import type { Beginning, OriginalLoan, PresentLoan } from './beginnings'

/** What has been typed of the loan that a case begins from. */
export type LoanEntries = Partial<PresentLoan & OriginalLoan>

type PresentLoanFieldsProps = {
  beginning: Exclude<Beginning, 'purchase'>
  entries: LoanEntries
  change: (entries: LoanEntries) => void
}

/** What is asked of a loan that runs, of its original terms, or of a rate that ends. */
export function PresentLoanFields({ beginning, entries, change }: PresentLoanFieldsProps) {
  const set = (fields: LoanEntries) => change({ ...entries, ...fields })
  const amountField = (label: string, hint: string, field: 'balanceCents' | 'paymentCents' | 'loanCents') => (
    <Field
      label={label}
      hint={hint}
      pointer={`/present/${field}`}
      text={entries[field] === undefined ? '' : formatEntry(entries[field])}
      read={readAmount}
      inputMode="decimal"
      take={(cents) => set({ [field]: cents })}
    />
  )
  const termField = (label: string, field: 'monthsLeft' | 'amortizationMonths') => (
    <Field
      label={label}
      hint="years and months"
      pointer={`/present/${field}`}
      text={entries[field] === undefined ? '' : formatTerm(entries[field])}
      read={readTerm}
      take={(months) => set({ [field]: months })}
    />
  )
  const rate = (
    <Field
      label="Interest rate"
      hint="%"
      pointer="/present/ratePercent"
      text={entries.ratePercent === undefined ? '' : formatPercent(entries.ratePercent)}
      read={readRate}
      inputMode="decimal"
      take={(ratePercent) => set({ ratePercent })}
    />
  )
  if (beginning === 'original') {
    const locale = pageLocale()
    return (
      <>
        {amountField('Original loan', 'amount', 'loanCents')}
        {rate}
        {termField('Original term', 'amortizationMonths')}
        <Field
          label="First payment"
          hint="date"
          pointer="/present/firstPayment"
          text={entries.firstPayment === undefined ? '' : formatDay(entries.firstPayment, locale)}
          read={(text) => readDay(text, locale)}
          take={(firstPayment) => set({ firstPayment })}
        />
      </>
    )
  }
  return (
    <>
      {amountField(
        beginning === 'renewal' ? 'Balance when the rate ends' : 'Balance',
        'amount',
        'balanceCents',
      )}
      {rate}
      {amountField('Payment today', 'amount', 'paymentCents')}
      {termField('Time left', 'monthsLeft')}
      {beginning === 'running' && (
        <p className="text-soft text-[0.8125rem]">Any three of the four are enough: the fourth follows.</p>
      )}
    </>
  )
}
