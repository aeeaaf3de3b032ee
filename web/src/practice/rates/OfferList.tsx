import type { OfferDocument } from '../../api/client'
import { insertAfter, movedBy } from '../../field/lists'
import { readRate } from '../../entry/percent'
import { readPoints } from '../../entry/points'
import { ListEditor } from '../../field/ListEditor'
import { formatPercent } from '../../format/percent'
import { Figure } from '../../sentence/Figure'
import { nextOffer } from './tables'

type OfferListProps = { offers: readonly OfferDocument[]; change: (offers: OfferDocument[]) => void }

/** The rates of a table line by line, each with its points; negative points are a lender credit. */
export function OfferList({ offers, change }: OfferListProps) {
  const set = (id: string, fields: Partial<OfferDocument>) =>
    change(offers.map((each) => (each.id === id ? { ...each, ...fields } : each)))
  return (
    <ListEditor
      label="Rates"
      entries={offers}
      line={({ id, ratePercent, pointsPercent }) => (
        <span className="rate-line">
          <Figure
            label="Rate"
            pointer={`/offers/${id}/ratePercent`}
            text={formatPercent(ratePercent)}
            read={readRate}
            inputMode="decimal"
            take={(percent) => set(id, { ratePercent: percent })}
          />{' '}
          for{' '}
          <Figure
            label="Points, negative for a lender credit"
            pointer={`/offers/${id}/pointsPercent`}
            text={String(pointsPercent).replace('-', '−')}
            read={readPoints}
            take={(percent) => set(id, { pointsPercent: percent })}
          />{' '}
          {pointsPercent < 0 ? 'points, a credit' : pointsPercent === 1 ? 'point' : 'points'}
        </span>
      )}
      add={(after) => {
        const added = nextOffer(offers.find(({ id }) => id === after) ?? offers.at(-1))
        change(insertAfter(offers, added, after))
        return added.id
      }}
      remove={(id) => change(offers.filter((each) => each.id !== id))}
      move={(id, by) => change(movedBy(offers, id, by))}
      addWords="Add a rate"
    />
  )
}
