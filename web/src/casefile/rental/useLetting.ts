import { useQuery } from '@tanstack/react-query'
import { useMemo } from 'react'
import type {
  CaseDocument,
  LettingDocument,
  LettingView,
  OptionDocument,
  ProgrammeView,
} from '../../api/client'
import { lettingQuery, programmesQuery, type LettingTerms } from '../../api/letting'
import { useAnswer, type Answer } from '../../answer/useAnswer'
import { useOpenCase } from '../CaseContext'
import { useOption } from '../OptionContext'
import { programmesOf } from '../useCheckedAgainst'
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

const NO_RENT: Answer<Letting> = { value: null, isCurrent: true, failure: null }

/** Whether the rent carries the loan that is shown: as it stands, or as it last had an answer; nothing while no rent is known. */
export function useLetting(): Answer<Letting> {
  const { rested: document } = useOpenCase()
  const { answered, option } = useOption()
  const terms = useTerms(document, option)
  const { letting } = document
  const hasRent = letting?.rentCents != null
  const asked = terms ?? NO_TERMS
  const place = document.options.findIndex(({ id }) => id === option.id)
  const last = lettingQuery(answered.document, answered.index, asked)
  const answer = useAnswer(
    { ...lettingQuery(document, place, asked), enabled: terms !== null && hasRent },
    document,
    answered.document.letting?.rentCents == null ? undefined : last,
  )
  const value = useMemo(
    () =>
      letting &&
      answer.value && {
        letting: answer.value.document.letting ?? letting,
        view: answer.value.view,
        programmes: answer.value.programmes,
        programme: answer.value.programme,
      },
    [letting, answer.value],
  )
  return hasRent ? { ...answer, value: value ?? null } : NO_RENT
}

const NO_TERMS: LettingTerms = { programmes: [], chosen: 0, table: null }

/** The programmes and rates that a case is held against; null until they are known. */
function useTerms(document: CaseDocument, option: OptionDocument): LettingTerms | null {
  const programmes = useQuery(programmesQuery).data
  const offered = useOfferedTable(document, option)
  return useMemo(
    () =>
      programmes && offered !== undefined
        ? { ...programmesOf(document, programmes), table: offered?.table ?? null }
        : null,
    [programmes, offered, document],
  )
}
