import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { deleteLimitSet, limitSetsQuery, saveLimitSet, startLimits } from '../../api/affordability'
import type { LimitSetDocument, LimitSetView } from '../../api/client'
import { rateTablesQuery } from '../../api/rates'
import { MARKETS, type Market } from '../../format/market'
import { TextButton } from '../../ui/TextButton'
import { PracticeFrame } from '../PracticeFrame'
import { MarketMenu } from './MarketMenu'
import { SetEditor } from './SetEditor'
import { SetLine } from './SetLine'
import { newSet } from './sets'
import './limits-page.css'

const ALL_MARKETS = Object.keys(MARKETS) as Market[]

/** The set being edited: one of the practice's, or a new one. */
type Edited = { seen: LimitSetView | null; set: LimitSetDocument }

/** The limits that cases are held against: public ones to start with, and those of the practice's lenders. */
export function LimitsPage() {
  const queries = useQueryClient()
  const all = useQuery(limitSetsQuery)
  // The day it is where the practice works comes with its rates.
  const today = useQuery(rateTablesQuery).data?.today ?? ''
  const [edited, setEdited] = useState<Edited | null>(null)
  const refresh = () => queries.invalidateQueries({ queryKey: limitSetsQuery.queryKey })
  const starting = useMutation({ mutationFn: startLimits, onSettled: refresh })
  const deleting = useMutation({
    mutationFn: (view: LimitSetView) => deleteLimitSet(view.id),
    onSettled: refresh,
  })
  const restoring = useMutation({
    mutationFn: (view: LimitSetView) => saveLimitSet(null, view.set),
    onSuccess: () => deleting.reset(),
    onSettled: refresh,
  })
  const close = () => setEdited(null)
  const error = all.error ?? starting.error ?? deleting.error ?? restoring.error
  return (
    <PracticeFrame title="Limits">
      <div className="mt-5 flex flex-wrap items-baseline justify-between gap-x-6 gap-y-1">
        <p className="text-soft max-w-2xl">
          What lenders and programs ask of an application. Each case is held against those of its market.
          Lenders change them: check before use.
        </p>
        {edited === null && today !== '' && (
          <span className="flex flex-wrap gap-x-5">
            <MarketMenu
              words="Add a limit set…"
              choose={(market) => setEdited({ seen: null, set: newSet(market, today) })}
            />
            <MarketMenu words="Add starting limits…" choose={(market) => starting.mutate(market)} />
          </span>
        )}
      </div>
      {error && (
        <p role="alert" className="field-problem">
          {error.message}
        </p>
      )}
      {starting.isSuccess && (
        <p role="status" className="mt-3">
          {starting.data.length === 0
            ? `The starting limits of ${MARKETS[starting.variables].name} are all here.`
            : `${starting.data.length} added for ${MARKETS[starting.variables].name}.`}
        </p>
      )}
      {deleting.isSuccess && (
        <p role="status" className="mt-3">
          {deleting.variables.set.name} is deleted.{' '}
          <TextButton onClick={() => restoring.mutate(deleting.variables)}>Undo</TextButton>
        </p>
      )}
      {edited?.seen === null && <SetEditor seen={null} start={edited.set} close={close} />}
      {ALL_MARKETS.map((market) => (
        <SetsOfMarket
          key={market}
          market={market}
          sets={all.data?.filter(({ set }) => set.market === market) ?? []}
          edited={edited}
          edit={(view) => setEdited({ seen: view, set: view.set })}
          remove={(view) => deleting.mutate(view)}
          close={close}
        />
      ))}
      {all.data?.length === 0 && edited === null && (
        <p className="font-figures mt-6 text-xl">
          No limits yet. Add the public ones of a market, or those of a lender.
        </p>
      )}
    </PracticeFrame>
  )
}

type SetsOfMarketProps = {
  market: Market
  sets: readonly LimitSetView[]
  edited: Edited | null
  edit: (view: LimitSetView) => void
  remove: (view: LimitSetView) => void
  close: () => void
}

function SetsOfMarket({ market, sets, edited, edit, remove, close }: SetsOfMarketProps) {
  if (sets.length === 0) return null
  return (
    <section aria-labelledby={`limits-${market}`} className="mt-6">
      <h2 id={`limits-${market}`} className="heading">
        {MARKETS[market].name}
      </h2>
      <ul aria-label={`Limits, ${MARKETS[market].name}`}>
        {sets.map((view) => (
          <li key={view.id} className="border-rule border-b py-3">
            {edited?.seen?.id === view.id ? (
              <SetEditor seen={edited.seen} start={edited.set} close={close} />
            ) : (
              <SetLine view={view} edit={() => edit(view)} remove={() => remove(view)} />
            )}
          </li>
        ))}
      </ul>
    </section>
  )
}
