import { useQuery } from '@tanstack/react-query'
import { useMemo } from 'react'
import { affordabilityQuery, limitSetsQuery, type Limits } from '../../api/affordability'
import type { AffordabilityView, CaseDocument, LimitSetView, OptionDocument, SetView } from '../../api/client'
import { marketOf } from '../../format/market'
import { useAnswer, type Answer } from '../../answer/useAnswer'
import { useOpenCase } from '../CaseContext'
import { useOption } from '../OptionContext'
import { useOfferedTable } from '../useOfferedTable'

/** A limit set with what it says of the option that is shown. */
export type Held = Pick<LimitSetView, 'id' | 'set' | 'isPublic'> & { view: SetView }

/** What the shown option comes to under the limit sets of the case's market. */
export type Affordability = {
  document: CaseDocument
  view: AffordabilityView
  sets: readonly Held[]
  /** The set that the case is looked at with: the one chosen, else the first. */
  chosen: Held
}

/** Whether the option that is shown fits: as it stands, or as it last had an answer; nothing where there are no limits. */
export function useAffordability(): Answer<Affordability> | 'no sets' {
  const { rested: document } = useOpenCase()
  const { answered, option } = useOption()
  const limits = useLimits(document, option)
  const isKnown = limits !== null && limits.sets.length > 0
  const asked = limits ?? NO_LIMITS
  const place = document.options.findIndex(({ id }) => id === option.id)
  const answer = useAnswer(
    { ...affordabilityQuery(document, place, asked), enabled: isKnown },
    document,
    affordabilityQuery(answered.document, answered.index, asked),
  )
  const wanted = document.household.limitSet
  const value = useMemo(() => answer.value && affordabilityOf(answer.value, wanted), [answer.value, wanted])
  return limits?.sets.length === 0 ? 'no sets' : { ...answer, value }
}

type Answered = { document: CaseDocument; sets: readonly LimitSetView[]; view: AffordabilityView }

function affordabilityOf({ document, sets, view }: Answered, wanted: string | null): Affordability | null {
  const held = sets.flatMap(({ id, set, isPublic }, index) => {
    const own = view.sets[index]
    return own ? [{ id, set, isPublic, view: own }] : []
  })
  const chosen = held.find(({ id }) => id === wanted) ?? held[0]
  return chosen ? { document, view, sets: held, chosen } : null
}

const NO_LIMITS: Limits = { sets: [], table: null }

/** The practice's sets for the case's market, and the rates on offer for the option. */
function useLimits(document: CaseDocument, option: OptionDocument): Limits | null {
  const all = useQuery(limitSetsQuery)
  const offered = useOfferedTable(document, option)
  const market = marketOf(document)
  return useMemo(
    () =>
      all.data && offered !== undefined
        ? { sets: all.data.filter(({ set }) => set.market === market), table: offered?.table ?? null }
        : null,
    [all.data, offered, market],
  )
}
