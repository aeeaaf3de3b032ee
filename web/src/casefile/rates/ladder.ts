import type { LadderBuild } from '../../api/answers'
import type { OptionDocument, OptionView, RungView } from '../../api/client'
import { atRateFrom, type OptionChange, withFields } from '../option'

/** A rung at which the loan has figures. */
export type PricedRung = RungView & {
  paymentCents: number
  perPaymentCents: number
  perYearCents: number
  overTheLifeCents: number
}

export const isPriced = (rung: RungView): rung is PricedRung => rung.paymentCents !== null

/** How far the ladder reaches unless told otherwise: at a renewal, rates may have moved far. */
export const USUAL_BUILD: Record<LadderBuild['from'], LadderBuild> = {
  BEGINNING: { from: 'BEGINNING', stepPercent: 0.25, down: 4, up: 4 },
  RENEWAL: { from: 'RENEWAL', stepPercent: 0.5, down: 5, up: 5 },
}

/** The rate that a rung is compared with: the loan's own, at a renewal the one agreed for it, or else the last before it. */
export function ownRate(
  { ratePercent, rateChanges }: OptionDocument,
  figures: OptionView,
  from: LadderBuild['from'],
) {
  if (from === 'BEGINNING' || !figures.rateEnd) return ratePercent
  const { afterPayment } = figures.rateEnd
  const until = rateChanges.filter(
    ({ fromPayment }) => fromPayment !== null && fromPayment <= afterPayment + 1,
  )
  return until.at(-1)?.ratePercent ?? ratePercent
}

/** Using a rung's rate: today, or at the renewal from the first payment after it. */
export function changeToRate(
  ratePercent: number,
  figures: OptionView,
  from: LadderBuild['from'],
): OptionChange {
  return from === 'RENEWAL' && figures.rateEnd
    ? atRateFrom(figures.rateEnd.afterPayment + 1, ratePercent)
    : withFields({ ratePercent })
}
