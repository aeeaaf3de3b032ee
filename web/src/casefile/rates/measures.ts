import type { LadderBuild } from '../../api/answers'
import type { FigureName } from '../../working/figureWords'

/** What rungs are told by. */
export type Measure = 'perPaymentCents' | 'perYearCents' | 'wholeLoanCents'

type MeasureWords = { words: string; atRenewal: string; figure: FigureName }

const MEASURES: Record<Measure, MeasureWords> = {
  perPaymentCents: { words: 'per payment', atRenewal: 'per payment', figure: 'RUNG_PER_PAYMENT' },
  perYearCents: { words: 'per year', atRenewal: 'per year', figure: 'RUNG_PER_YEAR' },
  wholeLoanCents: { words: 'whole loan', atRenewal: 'from then on', figure: 'RUNG_WHOLE_LOAN' },
}

export const ALL_MEASURES = Object.keys(MEASURES) as Measure[]

/** A measure's words behind a figure. */
export const measureWords = (measure: Measure, from: LadderBuild['from']) =>
  from === 'RENEWAL' ? MEASURES[measure].atRenewal : MEASURES[measure].words

/** The figure that a measure is. */
export const measureFigure = (measure: Measure) => MEASURES[measure].figure
