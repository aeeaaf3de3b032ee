import { Link } from '@tanstack/react-router'
import { formatDay } from '../../format/date'
import { ChoiceField } from '../../field/ChoiceField'
import { Field } from '../../field/Field'
import { readScore } from '../../entry/score'
import { isStale } from '../../practice/rates/tables'
import { withHousehold } from '../afford/household'
import { useOpenCase } from '../CaseContext'
import { DeletedNote } from '../DeletedNote'
import type { usePricing } from './usePricing'

/** Which rate table and which credit score options are priced for. */
export function PricingFields({ pricing }: { pricing: ReturnType<typeof usePricing> }) {
  const { store, document, locale } = useOpenCase()
  const { score } = document.household
  const { tables, view, today, choose, isPending, error } = pricing
  if (error) return <p className="field-problem">{error.message}</p>
  if (!view) {
    return (
      <p className="mt-3">
        {isPending ? (
          'Loading the rates…'
        ) : (
          <>
            The practice keeps no rates yet.{' '}
            <Link to="/practice/rates" className="text-button">
              Practice, Rates
            </Link>
          </>
        )}
      </p>
    )
  }
  return (
    <div className="mt-3 flex flex-col gap-3">
      <ChoiceField
        label="Rate table"
        value={view.id}
        words={Object.fromEntries(
          tables.map(({ id, table }) => [id, `${table.name}${table.simulated ? ' (simulated)' : ''}`]),
        )}
        choose={choose}
      />
      <DeletedNote
        kind="rate-tables"
        wanted={document.pricedOn?.tableId ?? null}
        among={tables}
        meanwhile={`priced on ${view.table.name}`}
      />
      <p className="text-soft text-[0.8125rem]">
        Rates of {formatDay(view.table.day, locale)}
        {view.table.simulated && ', simulated: no lender’s'}
        {isStale(view.table.day, today) && <span className="text-over font-semibold">, stale</span>}.
      </p>
      {view.table.addOns.length > 0 && (
        <Field
          label="Credit score"
          hint="the case’s own, where it is known"
          pointer="/household/score"
          text={score === null ? '' : String(score)}
          read={readScore}
          inputMode="numeric"
          take={(known) => store.changeDocument(withHousehold(document, { score: known }))}
          clear={() => store.changeDocument(withHousehold(document, { score: null }))}
        />
      )}
    </div>
  )
}
