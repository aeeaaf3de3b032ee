import type { EstimateView, LettingDocument } from '../../api/client'
import { askRent } from '../../api/letting'
import { readAmount } from '../../entry/amount'
import { formatEntry } from '../../format/amount'
import { Figure } from '../../sentence/Figure'
import { useOpenCase } from '../CaseContext'
import { EstimateMark } from '../estimate/EstimateMark'
import { EstimateOffer } from '../estimate/EstimateOffer'
import { HomeSentence } from '../estimate/HomeSentence'
import { withLetting, withRent } from './letting'

type Rent = 'lowRentCents' | 'rentCents' | 'highRentCents'

const LABELS: Record<Rent, string> = {
  lowRentCents: 'Low rent',
  rentCents: 'Likely rent',
  highRentCents: 'High rent',
}

/** The rents low, likely and high, where they come from, and the home that they are estimated for. */
export function Rents() {
  const { store, document } = useOpenCase()
  const { letting } = document
  if (!letting) return null
  const use = ({ cents, origin }: EstimateView) => {
    store.changeDocument(
      withLetting(document, {
        rentCents: cents,
        lowRentCents: origin.lowCents,
        highRentCents: origin.highCents,
        rentEstimate: origin,
      }),
    )
    store.settle()
  }
  return (
    <section aria-labelledby="rents-heading">
      <h2 id="rents-heading" className="heading">
        Rents a month
      </h2>
      <dl className="ledger ledger-close">
        {(Object.keys(LABELS) as Rent[]).map((field) => (
          <div key={field}>
            <dt>{LABELS[field]}</dt>
            <dd>
              <RentFigure field={field} letting={letting} />
            </dd>
          </div>
        ))}
      </dl>
      <EstimateMark estimate={letting.rentEstimate} />
      <EstimateOffer
        // What was answered for another basis is no answer for this one.
        key={letting.basis}
        label="Estimate the rent"
        ask={askRent(letting.basis)}
        per="a month"
        use={use}
        valueCents={null}
      />
      <div className="mt-4">
        <HomeSentence />
      </div>
    </section>
  )
}

function RentFigure({ field, letting }: { field: Rent; letting: LettingDocument }) {
  const { store, document } = useOpenCase()
  const cents = letting[field]
  const take = (value: number | null) =>
    store.changeDocument(
      field === 'rentCents' ? withRent(document, value) : withLetting(document, { [field]: value }),
    )
  return (
    <Figure
      label={LABELS[field]}
      pointer={field === 'rentCents' ? '/letting/rentCents/likely' : `/letting/${field}`}
      text={cents === null ? 'none' : formatEntry(cents)}
      read={readAmount}
      inputMode="decimal"
      take={take}
      clear={() => take(null)}
    />
  )
}
