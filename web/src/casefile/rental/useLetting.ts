import { useQuery } from '@tanstack/react-query'
import { useMemo } from 'react'
import type { CaseDocument, LettingDocument, LettingView, ProgrammeView } from '../../api/client'
import { lettingQuery, programmesQuery, type LettingTerms } from '../../api/letting'
import { marketOf } from '../../format/market'
import { useOpenCase } from '../CaseContext'
import { useOption } from '../OptionContext'
import { useOfferedTable } from '../useOfferedTable'

/** What letting the home of the option that is shown comes to. */
export type Letting = {
  letting: LettingDocument
  view: LettingView
  /** The practice's programmes for the case's market. */
  programmes: readonly ProgrammeView[]
  /** The one that the answer speaks of; null where the practice has none. */
  programme: ProgrammeView | null
}

/** What stands in the way of an answer. */
export type NoLetting = 'pending' | 'not let' | 'no rent' | Refused

/** Why there is no answer, in words. */
export type Refused = { refused: string }

/** Whether the rent carries the loan that is shown: as it stands, or as it last had an answer. */
export function useLetting(): Letting | NoLetting {
  const { document } = useOpenCase()
  const { answered, option } = useOption()
  const terms = useTerms(document)
  const { letting } = document
  const isAsked = terms !== null && letting?.rentCents != null
  const asked = terms ?? NO_TERMS
  const place = document.options.findIndex(({ id }) => id === option.id)
  const now = useQuery({ ...lettingQuery(document, place, asked), enabled: isAsked })
  const last = useQuery({
    ...lettingQuery(answered.document, answered.index, asked),
    enabled: isAsked && now.isError && answered.document.letting?.rentCents != null,
  })
  const answer = now.data ?? last.data
  const refused = now.error?.message
  return useMemo(() => {
    if (!letting) return 'not let'
    if (letting.rentCents === null) return 'no rent'
    if (!answer) return refused === undefined ? 'pending' : { refused }
    return {
      letting: answer.document.letting ?? letting,
      view: answer.view,
      programmes: answer.programmes,
      programme: answer.programme,
    }
  }, [letting, answer, refused])
}

const NO_TERMS: LettingTerms = { programmes: [], chosen: 0, table: null }

/** The programmes and rates that a case is held against; null until they are known. */
function useTerms(document: CaseDocument): LettingTerms | null {
  const programmes = useQuery(programmesQuery).data
  const table = useOfferedTable(document)
  const market = marketOf(document)
  const wanted = document.letting?.programme
  return useMemo(() => {
    if (!programmes || table === undefined) return null
    const ofMarket = programmes.filter(({ programme }) => programme.market === market)
    const chosen = ofMarket.findIndex(({ id }) => id === wanted)
    return { programmes: ofMarket, chosen: Math.max(0, chosen), table }
  }, [programmes, table, market, wanted])
}
