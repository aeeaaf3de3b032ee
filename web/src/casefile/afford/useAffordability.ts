import { useQuery } from '@tanstack/react-query'
import { useMemo } from 'react'
import { affordabilityQuery, limitSetsQuery, type Limits } from '../../api/affordability'
import type { AffordabilityView, CaseDocument, LimitSetView, SetView } from '../../api/client'
import { marketOf } from '../../format/market'
import { useOpenCase } from '../CaseContext'
import { useOption } from '../OptionContext'
import { useOfferedTable } from '../useOfferedTable'

/** A limit set with what it says of the option that is shown. */
export type Held = { id: string; set: LimitSetView['set']; view: SetView }

/** What the shown option comes to under the limit sets of the case's market. */
export type Affordability = {
  document: CaseDocument
  view: AffordabilityView
  sets: readonly Held[]
  /** The set that the case is looked at with: the one chosen, else the first. */
  chosen: Held
}

/** What stands in the way of an answer. */
export type Nothing = 'pending' | 'no sets' | 'no answer'

/** Whether the option that is shown fits: as it stands, or as it last had an answer. */
export function useAffordability(): Affordability | Nothing {
  const { document } = useOpenCase()
  const { answered, option } = useOption()
  const limits = useLimits(document)
  const isKnown = limits !== null && limits.sets.length > 0
  const asked = limits ?? NO_LIMITS
  const place = document.options.findIndex(({ id }) => id === option.id)
  const now = useQuery({ ...affordabilityQuery(document, place, asked), enabled: isKnown })
  const last = useQuery({
    ...affordabilityQuery(answered.document, answered.index, asked),
    enabled: isKnown && now.isError,
  })
  const answer = now.data ?? last.data
  const isRefused = now.isError && last.isError
  return useMemo(() => {
    if (limits?.sets.length === 0) return 'no sets'
    if (!answer) return isRefused ? 'no answer' : 'pending'
    const sets = answer.sets.flatMap(({ id, set }, index) => {
      const view = answer.view.sets[index]
      return view ? [{ id, set, view }] : []
    })
    const chosen = sets.find(({ id }) => id === document.household.limitSet) ?? sets[0]
    return chosen ? { document: answer.document, view: answer.view, sets, chosen } : 'pending'
  }, [limits, answer, isRefused, document.household.limitSet])
}

const NO_LIMITS: Limits = { sets: [], table: null }

/** The practice's sets for the case's market, and the rates on offer for the case's usual term. */
function useLimits(document: CaseDocument): Limits | null {
  const all = useQuery(limitSetsQuery)
  const table = useOfferedTable(document)
  const market = marketOf(document)
  return useMemo(
    () =>
      all.data && table !== undefined
        ? { sets: all.data.filter(({ set }) => set.market === market), table }
        : null,
    [all.data, table, market],
  )
}
