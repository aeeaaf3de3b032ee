import type { AssumptionsDocument } from '../../api/client'
import { readPercent } from '../../entry/percent'
import { formatPercent } from '../../format/percent'
import { Figure } from '../../sentence/Figure'
import { PricedOn } from './PricedOn'
import { useOpenCase } from '../CaseContext'

const USUAL_DISCOUNT_PERCENT = 3
const USUAL_TAX_PERCENT = 20
const STEP_PERCENT = 0.5

type Assumption = keyof Pick<AssumptionsDocument, 'discountPercent' | 'marginalTaxPercent'>

/** What money counts for: as it is paid, or in today's money, or after tax relief on interest. */
export function Valuation() {
  return (
    <p className="text-soft flex flex-wrap items-baseline gap-x-5 text-[0.8125rem]">
      <Assumed field="discountPercent" name="today’s money" usual={USUAL_DISCOUNT_PERCENT} />
      <Assumed field="marginalTaxPercent" name="tax relief" usual={USUAL_TAX_PERCENT} />
      <PricedOn />
    </p>
  )
}

function Assumed({ field, name, usual }: { field: Assumption; name: string; usual: number }) {
  const { store, document } = useOpenCase()
  const value = document.assumptions[field]
  const take = (percent: number | null) =>
    store.changeDocument({
      assumptions: { ...document.assumptions, [field]: percent },
    })
  if (value === null) {
    return (
      <button
        type="button"
        className="button-quiet -mx-2"
        onClick={() => {
          take(usual)
          store.settle()
        }}
      >
        {name} <span className="text-act font-semibold">off</span>
      </button>
    )
  }
  return (
    <span>
      {name} at{' '}
      <Figure
        label={name === 'tax relief' ? 'Tax relief, percent of interest' : 'Discount rate'}
        pointer={`/assumptions/${field}`}
        text={formatPercent(value)}
        read={readPercent}
        inputMode="decimal"
        take={take}
        clear={() => take(null)}
        nudge={(steps) => take(Math.max(STEP_PERCENT, value + steps * STEP_PERCENT))}
      />{' '}
      <button
        type="button"
        className="text-button"
        onClick={() => {
          take(null)
          store.settle()
        }}
      >
        turn off<span className="sr-only"> {name}</span>
      </button>
    </span>
  )
}
