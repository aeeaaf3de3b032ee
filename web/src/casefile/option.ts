import type {
  AmountOrShare,
  CaseDocument,
  ClosingDocument,
  FeaturesDocument,
  HousingDocument,
  OptionDocument,
  PurchaseDocument,
  RefinancingDocument,
  TermsDocument,
} from '../api/client'

/** What an option becomes by one change. */
export type OptionChange = (option: OptionDocument) => OptionDocument

export const withTerms =
  (fields: Partial<TermsDocument>): OptionChange =>
  (option) => ({ ...option, terms: { ...option.terms, ...fields } })

export const withFeatures =
  (fields: Partial<FeaturesDocument>): OptionChange =>
  (option) => ({ ...option, features: { ...option.features, ...fields } })

/** At the level payment: a payment that was chosen for one loan says nothing of another. */
export const atLevelPayment: OptionChange = (option) =>
  withFeatures({ paymentCents: null, paymentSteps: [] })(option)

/** With debts paid off in cash at closing, beside those that it pays off as it is. */
export const withPaidOff =
  (ids: readonly string[]): OptionChange =>
  (option) =>
    withClosing({ debtsPaidOff: [...new Set([...option.closing.debtsPaidOff, ...ids])] })(option)

/** With a debt kept, whether the loan or cash would pay it off. */
export const withoutPaidOff =
  (id: string): OptionChange =>
  (option) => {
    const others = (ids: readonly string[]) => ids.filter((each) => each !== id)
    const kept = withClosing({ debtsPaidOff: others(option.closing.debtsPaidOff) })(option)
    return withRefinancing({ debtsPaidOff: others(refinancingOf(option)?.debtsPaidOff ?? []) })(kept)
  }

/** The ids of the debts that an option pays off, by the loan or in cash. */
export const paidOffBy = (option: OptionDocument): string[] => [
  ...(refinancingOf(option)?.debtsPaidOff ?? []),
  ...option.closing.debtsPaidOff,
]

export const withHousing =
  (fields: Partial<HousingDocument>): OptionChange =>
  (option) => ({ ...option, housing: { ...option.housing, ...fields } })

export const withClosing =
  (fields: Partial<ClosingDocument>): OptionChange =>
  (option) => ({ ...option, closing: { ...option.closing, ...fields } })

/** The purchase that an option finances; null for a loan without a price. */
export const purchaseOf = ({ financing }: OptionDocument): PurchaseDocument | null =>
  financing.kind === 'PURCHASE' ? financing : null

/** The amount of a loan without a price; null where it follows from a price. */
export const loanOnlyCents = ({ financing }: OptionDocument): number | null =>
  financing.kind === 'LOAN_ONLY' ? financing.loanCents : null

/** What an option refinances; null where it is another kind of loan. */
export const refinancingOf = ({ financing }: OptionDocument): RefinancingDocument | null =>
  financing.kind === 'REFINANCING' ? financing : null

/** What an option's home is worth as far as it says, in cents; null where it does not. */
export const homeValueOf = (option: OptionDocument): number | null =>
  purchaseOf(option)?.priceCents ?? refinancingOf(option)?.valueCents ?? null

/** A refinancing with other fields; another kind of loan stays as it is. */
export const withRefinancing =
  (fields: Partial<RefinancingDocument>): OptionChange =>
  (option) =>
    option.financing.kind === 'REFINANCING'
      ? { ...option, financing: { ...option.financing, ...fields } }
      : option

/** A purchase with other fields; a loan without a price stays as it is. */
export const withPurchase =
  (fields: Partial<PurchaseDocument>): OptionChange =>
  (option) =>
    option.financing.kind === 'PURCHASE'
      ? { ...option, financing: { ...option.financing, ...fields } }
      : option

export const amount = (cents: number): AmountOrShare => ({ cents, percent: null })
export const share = (percent: number): AmountOrShare => ({ cents: null, percent })

export const withDownAmount = (cents: number) => withPurchase({ down: amount(cents) })

export const withDownPercent = (percent: number) => withPurchase({ down: share(percent) })

/** Borrowing this much: of a price, the rest is the down payment. */
export const withLoan =
  (loanCents: number): OptionChange =>
  (option) => {
    switch (option.financing.kind) {
      case 'LOAN_ONLY':
        return { ...option, financing: { ...option.financing, loanCents } }
      case 'PURCHASE':
        return withDownAmount(option.financing.priceCents - loanCents)(option)
      case 'REFINANCING':
        // What it pays off decides what is borrowed.
        return option
    }
  }

/** The same loan without a price: nothing is known of a home, and so none of its tax and insurance. */
export const asLoanOnly =
  (loanCents: number): OptionChange =>
  (option) => ({ ...withoutHome(option), financing: { kind: 'LOAN_ONLY', loanCents } })

/** Without what a home is taxed and insured for. */
export const withoutHome = withHousing({
  propertyTax: null,
  propertyTaxEstimate: null,
  homeInsuranceCents: null,
  homeInsuranceEstimate: null,
  mortgageInsurancePercent: null,
})

const HUNDRED = 100

/** The tax as it stands where the price is not told: a share of it becomes the amount that it is. */
export function taxAsAmount(option: OptionDocument): AmountOrShare | null {
  const { propertyTax } = option.housing
  const value = homeValueOf(option)
  return propertyTax?.percent == null || value === null
    ? propertyTax
    : amount(Math.round((value * propertyTax.percent) / HUNDRED))
}

/** The same loan as the whole price of a home, from which a down payment can then be taken. */
export const asPurchase =
  (priceCents: number): OptionChange =>
  (option) => ({
    ...option,
    financing: {
      kind: 'PURCHASE',
      priceCents,
      down: amount(0),
      appraisalCents: null,
      appraisalEstimate: null,
    },
  })

/** The option that others are compared with: a case's first. */
export function baselineOf(document: CaseDocument): OptionDocument {
  const [baseline] = document.options
  if (!baseline) throw new Error('a case holds at least one option')
  return baseline
}

/** The option that the advisor recommends to the clients; null for none. */
export const recommendedOf = ({ options, recommended }: CaseDocument): OptionDocument | null =>
  options.find(({ id }) => id === recommended) ?? null

/** The place of an option's first figure. */
export const firstFigureOf = ({ id, financing }: OptionDocument) =>
  `/options/${id}/financing/${FIRST_FIGURES[financing.kind]}`

const FIRST_FIGURES = {
  PURCHASE: 'priceCents',
  LOAN_ONLY: 'loanCents',
  REFINANCING: 'balanceCents',
} as const
