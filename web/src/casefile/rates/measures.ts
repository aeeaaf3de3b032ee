import type { FigureName } from '../../working/figureWords'

/** What rungs are told by. */
export type Measure = 'perPaymentCents' | 'perYearCents' | 'overTheLifeCents'

/** Each measure's words behind a figure, and the figure that it is. */
export const MEASURES: Record<Measure, { words: string; figure: FigureName }> = {
  perPaymentCents: { words: 'a payment', figure: 'RUNG_PER_PAYMENT' },
  perYearCents: { words: 'a year', figure: 'RUNG_PER_YEAR' },
  overTheLifeCents: { words: 'over the life', figure: 'RUNG_OVER_THE_LIFE' },
}
