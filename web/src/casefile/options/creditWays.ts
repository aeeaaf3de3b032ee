import type { CreditWayView, PricedAtDocument } from '../../api/client'
import { formatAmount, formatEntry } from '../../format/amount'
import { formatPercent } from '../../format/percent'
import { pricedWords } from '../../practice/rates/tables'
import { withItem } from '../closingItems'
import { amount, purchaseOf, share, withFeatures, withPurchase, type OptionChange } from '../option'
import { withPoints } from './alternatives'
import { withOffer } from './priced'

/** What a way makes of an option; null for one that is not open. */
export function creditChange(
  way: CreditWayView,
  creditCents: number,
  pricedFor: Omit<PricedAtDocument, 'ratePercent' | 'pointsPercent'>,
): OptionChange | null {
  const credit = withItem('SELLER_CREDIT', amount(creditCents))
  const { ratePercent, pointsPercent, reductionsPercent, priceCents } = way
  if (way.because.length > 0) return null
  switch (way.way) {
    case 'POINTS':
      return (option) =>
        credit(
          withOffer({ ratePercent: ratePercent ?? 0, pointsPercent: pointsPercent ?? 0, ...pricedFor })(
            option,
          ),
        )
    case 'BUYDOWN':
      return (option) =>
        credit(withFeatures({ buydown: { reductionsPercent, paidBy: 'BUYER' } })(withPoints(0)(option)))
    case 'PRICE':
      return (option) => {
        const down = purchaseOf(option)?.down
        const price = purchaseOf(option)?.priceCents ?? 0
        // An amount down is kept as the share that it is of the price.
        const kept = down?.percent ?? Number((((down?.cents ?? 0) / price) * 100).toFixed(6))
        return withPurchase({ priceCents: priceCents ?? price, down: share(kept) })(option)
      }
  }
}

/** What a way comes to, in a few words. */
export function creditWords(way: CreditWayView): string {
  switch (way.way) {
    case 'POINTS':
      return `${pricedWords(way.pointsPercent ?? 0)} for ${formatPercent(way.ratePercent ?? 0)}`
    case 'BUYDOWN':
      return `a buydown of ${way.reductionsPercent.join('-')} for the first ${way.reductionsPercent.length === 1 ? 'year' : `${way.reductionsPercent.length} years`}`
    case 'PRICE':
      return `a price of ${formatEntry(way.priceCents ?? 0)}`
  }
}

/** What a way costs, and what cannot be used. */
export function creditCost({ costCents, unusedCents }: CreditWayView): string {
  if (costCents === null) return 'the same share down'
  const unused = unusedCents ? `; ${formatAmount(unusedCents)} of the credit unused` : ''
  return `costs ${formatAmount(costCents)}${unused}`
}

export const WAY_NAMES: Record<CreditWayView['way'], string> = {
  POINTS: 'Points',
  BUYDOWN: 'Buydown',
  PRICE: 'Price',
}
