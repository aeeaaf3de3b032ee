import { useQueryClient } from '@tanstack/react-query'
import { limitSetsQuery, saveLimitSet } from '../../api/affordability'
import type { LimitSetDocument } from '../../api/client'
import { readCount, readCountOrNone } from '../../entry/count'
import { someName } from '../../entry/name'
import { readPercent } from '../../entry/percent'
import { EntriesContext } from '../../field/EntriesContext'
import { MARKETS } from '../../format/market'
import { formatPercent } from '../../format/percent'
import { Figure } from '../../sentence/Figure'
import type { EditorProps } from '../rules/rule'
import { SaveBar } from '../SaveBar'
import { SourceLine } from '../rules/SourceLine'
import { StressedLine } from '../rules/StressedLine'
import { useSavedDraft } from '../useSavedDraft'
import { TestList } from './TestList'

const MOST_NAME_CHARACTERS = 60
const MOST_WORD_CHARACTERS = 40

/** A limit set in sentences and its tests line by line, kept when it is saved. */
export function SetEditor({ seen, start, close }: EditorProps<LimitSetDocument>) {
  const queries = useQueryClient()
  const edited = useSavedDraft({
    kind: 'limit-sets',
    seen,
    start,
    save: saveLimitSet,
    onSaved: async () => {
      await queries.invalidateQueries({ queryKey: limitSetsQuery.queryKey })
      close()
    },
  })
  const { value: set, draft, entries } = edited
  const change = (fields: Partial<LimitSetDocument>) => draft.change({ ...set, ...fields })
  const step = (fields: Partial<LimitSetDocument>) => draft.step({ ...set, ...fields })
  return (
    <section aria-label="Limit set" className="mt-4 mb-2">
      <EntriesContext value={entries}>
        <p className="sentence" data-long>
          <Figure
            label="Name of the set"
            pointer="/name"
            text={set.name}
            read={someName(MOST_NAME_CHARACTERS)}
            take={(name) => change({ name })}
            after=","
          />{' '}
          {MARKETS[set.market].name}, where housing of income is called{' '}
          <Figure
            label="Name of housing of income"
            pointer="/frontName"
            text={set.frontName}
            read={someName(MOST_WORD_CHARACTERS)}
            take={(frontName) => change({ frontName })}
          />{' '}
          and with debts{' '}
          <Figure
            label="Name of housing and debts of income"
            pointer="/backName"
            text={set.backName}
            read={someName(MOST_WORD_CHARACTERS)}
            take={(backName) => change({ backName })}
            after="."
          />
        </p>
        <SourceLine rule={set} change={change} />
        <h3 className="heading mt-4">Tests</h3>
        <TestList set={set} change={(tests) => change({ tests })} step={(tests) => step({ tests })} />
        <h3 className="heading mt-4">How it counts</h3>
        <StressedLine
          subject="Housing"
          stressed={set.stressed}
          change={(stressed) => change({ stressed })}
          step={(stressed) => step({ stressed })}
        />
        <p className="set-line">
          A debt with at most{' '}
          <Figure
            label="Payments left that count nothing"
            pointer="/leftOutAtMostPayments"
            text={String(set.leftOutAtMostPayments)}
            read={readCountOrNone}
            inputMode="numeric"
            take={(leftOutAtMostPayments) => change({ leftOutAtMostPayments })}
          />{' '}
          payments left counts nothing; of a balance without a payment{' '}
          <Figure
            label="Share of a balance"
            pointer="/balanceSharePercent"
            text={formatPercent(set.balanceSharePercent)}
            read={readPercent}
            inputMode="decimal"
            take={(balanceSharePercent) => change({ balanceSharePercent })}
          />{' '}
          counts a month, of another home’s rent{' '}
          <Figure
            label="Share of a rent"
            pointer="/rentCountedPercent"
            text={formatPercent(set.rentCountedPercent)}
            read={readPercent}
            inputMode="decimal"
            take={(rentCountedPercent) => change({ rentCountedPercent })}
            after="."
          />{' '}
          Terms run up to{' '}
          <Figure
            label="Longest term in years"
            pointer="/longestTermYears"
            text={String(set.longestTermYears)}
            read={readCount}
            inputMode="numeric"
            take={(longestTermYears) => change({ longestTermYears })}
          />{' '}
          years.
        </p>
        <SaveBar edited={edited} close={close} />
      </EntriesContext>
    </section>
  )
}
