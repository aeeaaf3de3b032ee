import { useQuery } from '@tanstack/react-query'
import type { ProgrammeDocument, ProgrammeView } from '../../api/client'
import { programmesQuery, programmeStatesQuery, saveProgramme } from '../../api/letting'
import type { KeptRule, RuleKind } from '../rules/rule'
import { newProgramme } from './newProgramme'
import { ProgrammeEditor } from './ProgrammeEditor'
import { linesOf, summaryOf } from './programmeWords'

const allKept = (views: readonly ProgrammeView[]): KeptRule<ProgrammeDocument>[] =>
  views.map(({ programme, ...state }) => ({
    ...state,
    rule: programme,
    // None is shipped: each is the practice's own.
    isPublic: false,
  }))

/** The practice's letting programmes as rules. */
export const PROGRAMMES: RuleKind<ProgrammeDocument> = {
  kind: 'programmes',
  title: 'Programmes',
  intro:
    'How lenders lend on homes that are let: how far the rent must cover, up to which share of the value, at which rate.',
  empty: 'No programmes yet. Add that of a lender.',
  addWords: 'Add a programme…',
  queryKey: programmesQuery.queryKey,
  useAll: () => useQuery({ ...programmesQuery, select: allKept }),
  useStates: (kept) => useQuery({ ...programmeStatesQuery(kept), select: allKept }),
  save: saveProgramme,
  begin: newProgramme,
  summary: summaryOf,
  lines: linesOf,
  editor: (props) => <ProgrammeEditor {...props} />,
}
