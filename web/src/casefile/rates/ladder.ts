import type { LadderBuild } from '../../api/answers'
import type { OptionDocument, OptionView, RateChangeDocument, RungView } from '../../api/client'
import { addMonths } from '../../entry/date'
import { newId } from '../newId'
import { type OptionChange, withFeatures, withTerms } from '../option'
import { PAYMENTS_PER_YEAR } from '../../format/conventions'

/** A rung at which the loan has figures. */
export type PricedRung = RungView & {
  paymentCents: number
  perPaymentCents: number
  perYearCents: number
  wholeLoanCents: number
}

/** Why the loan has no figures at a rung, as a sentence. */
export const whyUnpriced = ({ because }: RungView) => because.map(({ message }) => message).join(' ')

export const isPriced = (rung: RungView): rung is PricedRung => rung.paymentCents !== null

/** How far the ladder reaches unless told otherwise: at a renewal, rates may have moved far. */
export const USUAL_BUILD: Record<LadderBuild['from'], LadderBuild> = {
  BEGINNING: { from: 'BEGINNING', stepPercent: 0.25, down: 4, up: 4 },
  RENEWAL: { from: 'RENEWAL', stepPercent: 0.5, down: 5, up: 5 },
}

/** The rate that a rung is compared with: the loan's own, at a renewal the one agreed for it, or else the last before it. */
export function ownRate(option: OptionDocument, figures: OptionView, from: LadderBuild['from']) {
  if (from === 'BEGINNING' || !figures.rateEnd) return option.terms.ratePercent
  const { before, at } = aroundRenewal(option, figures.rateEnd)
  return [...before, ...at].at(-1)?.ratePercent ?? option.terms.ratePercent
}

/** Using a rung's rate: today, or at the renewal from the first payment after it, instead of one agreed for then. */
export function changeToRate(
  ratePercent: number,
  figures: OptionView,
  from: LadderBuild['from'],
): OptionChange {
  const { rateEnd } = figures
  if (from === 'BEGINNING' || !rateEnd) return withTerms({ ratePercent })
  return (option) => {
    const { before, at, after } = aroundRenewal(option, rateEnd)
    const id = at[0]?.id ?? newId()
    const renewed = { id, fromPayment: rateEnd.afterPayment + 1, fromDay: null, ratePercent }
    return withFeatures({ rateChanges: [...before, renewed, ...after] })(option)
  }
}

type RateEnd = NonNullable<OptionView['rateEnd']>

/** The rate changes before a renewal, with its first payment, and after that; a day stands for the payment due on or after it. */
function aroundRenewal({ terms, features }: OptionDocument, { afterPayment, day }: RateEnd) {
  const { rateChanges } = features
  const next = nextPaymentDay(day, PAYMENTS_PER_YEAR[terms.frequency])
  const side = ({ fromPayment, fromDay }: RateChangeDocument) =>
    fromDay === null
      ? Math.sign((fromPayment ?? 0) - afterPayment - 1)
      : fromDay <= day
        ? -1
        : fromDay <= next
          ? 0
          : 1
  return {
    before: rateChanges.filter((change) => side(change) < 0),
    at: rateChanges.filter((change) => side(change) === 0),
    after: rateChanges.filter((change) => side(change) > 0),
  }
}

function nextPaymentDay(day: string, perYear: number) {
  if (perYear <= 12) return addMonths(day, 12 / perYear)
  const date = new Date(`${day}T00:00:00Z`)
  date.setUTCDate(date.getUTCDate() + Math.floor(366 / perYear))
  return date.toISOString().slice(0, 10)
}
