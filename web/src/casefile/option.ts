import type { CaseDocument, HousingDocument, OptionDocument } from '../api/client'

/** What an option becomes by one change. A price goes with money down; a loan alone has neither. */
export type OptionChange = (option: OptionDocument) => OptionDocument

export const withFields =
  (fields: Partial<OptionDocument>): OptionChange =>
  (option) => ({ ...option, ...fields })

export const withHousing =
  (fields: Partial<HousingDocument>): OptionChange =>
  (option) => ({ ...option, housing: { ...option.housing, ...fields } })

export const withDownAmount = (downCents: number) => withFields({ downCents, downPercent: null })

export const withDownPercent = (downPercent: number) => withFields({ downPercent, downCents: null })

/** Borrowing this much: of a price, the rest is money down. */
export const withLoan =
  (loanCents: number): OptionChange =>
  (option) =>
    option.priceCents === null
      ? { ...option, loanCents }
      : { ...option, downCents: option.priceCents - loanCents, downPercent: null }

/** The same loan without a price. */
export const asLoanAlone = (loanCents: number) =>
  withFields({ priceCents: null, downCents: null, downPercent: null, loanCents })

/** The same loan as the whole price of a home, from which money down can then be taken. */
export const asPurchase: OptionChange = (option) => ({
  ...option,
  priceCents: option.loanCents,
  downCents: 0,
  downPercent: null,
  loanCents: null,
})

/** The baseline: the option that a case's Loan view shows. */
export function baselineOf(document: CaseDocument): OptionDocument {
  const [baseline] = document.options
  if (!baseline) throw new Error('a case holds at least one option')
  return baseline
}

export const changeBaseline = (document: CaseDocument, change: OptionChange): CaseDocument => ({
  ...document,
  options: document.options.map((option, index) => (index === 0 ? change(option) : option)),
})
