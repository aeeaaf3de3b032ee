import type { CaseDocument, ClosingDocument, HousingDocument, OptionDocument } from '../api/client'

/** What an option becomes by one change. A price goes with money down; a loan alone has neither. */
export type OptionChange = (option: OptionDocument) => OptionDocument

export const withFields =
  (fields: Partial<OptionDocument>): OptionChange =>
  (option) => ({ ...option, ...fields })

export const withHousing =
  (fields: Partial<HousingDocument>): OptionChange =>
  (option) => ({ ...option, housing: { ...option.housing, ...fields } })

export const NO_CLOSING: ClosingDocument = {
  day: null,
  pointsPercent: null,
  lenderCreditPercent: null,
  loanFeesCents: null,
  otherCostsCents: null,
  prepaidInterestCents: null,
  prepaidItemsCents: null,
  sellerCreditCents: null,
  upfrontPremiumPercent: null,
  upfrontPremiumFinanced: null,
}

export const withClosing =
  (fields: Partial<ClosingDocument>): OptionChange =>
  (option) => ({ ...option, closing: { ...(option.closing ?? NO_CLOSING), ...fields } })

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
  withFields({ priceCents: null, downCents: null, downPercent: null, appraisalCents: null, loanCents })

/** The same loan as the whole price of a home, from which money down can then be taken. */
export const asPurchase: OptionChange = (option) => ({
  ...option,
  priceCents: option.loanCents,
  downCents: 0,
  downPercent: null,
  loanCents: null,
})

/** The option that others are compared with: a case's first. */
export function baselineOf(document: CaseDocument): OptionDocument {
  const [baseline] = document.options
  if (!baseline) throw new Error('a case holds at least one option')
  return baseline
}

/** The item of a list with another in its place. */
export const replaced = <T>(list: readonly T[], index: number, item: T): T[] =>
  list.map((each, at) => (at === index ? item : each))

export const without = <T>(list: readonly T[], index: number): T[] => list.filter((_, at) => at !== index)
