import { useState } from 'react'
import { useStore } from 'zustand'
import { AnswerScope, AnswerStatus } from '../../answer/AnswerScope'
import { SentenceHead } from '../SentenceHead'
import { selectedOf } from '../caseStore'
import { useOpenCase } from '../CaseContext'
import { TextButton } from '../../ui/TextButton'
import { AddOption } from './AddOption'
import { AnswerSentence } from './AnswerSentence'
import { Columns } from './Columns'
import { Conclusion } from './Conclusion'
import { CostChart } from './CostChart'
import { Grid } from './Grid'
import { HomeDifferences } from './HomeDifferences'
import { useComparison } from './useComparison'
import { Valuation } from './Valuation'
import './columns.css'
import './options.css'

/** Which way costs least for as long as they keep it: the answer, the options over time, and side by side. */
export function OptionsView() {
  const answer = useComparison()
  const { store } = useOpenCase()
  const { id } = useStore(store.store, selectedOf)
  const [edits, setEdits] = useState<string | null>(null)
  const comparison = answer.value
  if (comparison === null) return <AnswerStatus of={answer} />
  return (
    <AnswerScope of={answer}>
      <AnswerSentence comparison={comparison} isCurrent={answer.isCurrent} />
      <HomeDifferences comparison={comparison} />
      <div className="mt-1 mb-2 flex min-h-6 flex-wrap items-baseline justify-between gap-x-6 gap-y-1">
        <Valuation />
        <AddOption comparison={comparison} />
      </div>
      {edits === null && <AnswerStatus of={answer} />}
      <div className="figures-sheet" data-testid="figures">
        <CostChart comparison={comparison} />
        {edits !== null && edits === id && (
          <section aria-label="The option’s sentence" className="edited-sentence">
            <SentenceHead />
            <TextButton onClick={() => setEdits(null)}>Done</TextButton>
          </section>
        )}
        <Columns comparison={comparison} edits={edits} setEdits={setEdits} />
      </div>
      <Conclusion />
      <Grid />
    </AnswerScope>
  )
}
