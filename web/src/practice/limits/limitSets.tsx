import { useQuery } from '@tanstack/react-query'
import { limitSetsQuery, limitSetStatesQuery, saveLimitSet } from '../../api/affordability'
import type { LimitSetDocument, LimitSetView } from '../../api/client'
import type { KeptRule, RuleKind } from '../rules/rule'
import { SetEditor } from './SetEditor'
import { newSet } from './sets'
import { setLines, stressedWords, testWords } from './setWords'

const allKept = (views: readonly LimitSetView[]): KeptRule<LimitSetDocument>[] =>
  views.map(({ set, ...state }) => ({ ...state, rule: set }))

/** The practice's limit sets as rules. */
export const LIMIT_SETS: RuleKind<LimitSetDocument> = {
  kind: 'limit-sets',
  title: 'Limits',
  intro: 'What lenders and programmes ask of an application. Each case is held against those of its market.',
  empty: 'No limits yet. Add the public ones of a market, or those of a lender.',
  addWords: 'Add a limit set…',
  queryKey: limitSetsQuery.queryKey,
  useAll: () => useQuery({ ...limitSetsQuery, select: allKept }),
  useStates: (kept) => useQuery({ ...limitSetStatesQuery(kept), select: allKept }),
  save: saveLimitSet,
  begin: newSet,
  summary: (set) =>
    [...set.tests.map((test) => testWords(test, set)), ...(set.stressed ? [stressedWords(set)] : [])].join(
      '; ',
    ),
  lines: setLines,
  editor: (props) => <SetEditor {...props} />,
}
