import { useQuery } from '@tanstack/react-query'
import { useMemo } from 'react'
import { limitSetsQuery } from '../api/affordability'
import type { CheckedAgainst } from '../api/answers'
import type { CaseDocument, ProgrammeView } from '../api/client'
import { programmesQuery } from '../api/letting'
import { marketOf } from '../format/market'

/** The practice's programmes for a case's market, and the place of the one that it is looked at with. */
export function programmesOf(document: CaseDocument, all: readonly ProgrammeView[]) {
  const programmes = all.filter(({ programme }) => programme.market === marketOf(document))
  const chosen = programmes.findIndex(({ id }) => id === document.letting?.programme)
  return { programmes, chosen: Math.max(0, chosen) }
}

/** The practice's limit sets of a case's market, and the programme of its let home. */
export function useCheckedAgainst(document: CaseDocument): CheckedAgainst {
  const limits = useQuery(limitSetsQuery).data
  const all = useQuery(programmesQuery).data
  const market = marketOf(document)
  const sets = useMemo(() => limits?.filter(({ set }) => set.market === market) ?? null, [limits, market])
  const { programmes, chosen } = programmesOf(document, all ?? [])
  const programme = (document.letting && programmes[chosen]) ?? null
  return useMemo(() => ({ sets, programme }), [sets, programme])
}
