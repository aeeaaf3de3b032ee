import { useState } from 'react'
import type { LimitSetView } from '../../api/client'
import { formatDay } from '../../format/date'
import { TextButton } from '../../ui/TextButton'
import { SetHistory } from './SetHistory'
import { stressedWords, testWords } from './setWords'

type SetLineProps = { view: LimitSetView; edit: () => void; remove: () => void }

/** A limit set in a few lines: its tests, where its figures come from, and its history. */
export function SetLine({ view, edit, remove }: SetLineProps) {
  const { set } = view
  const [isHistory, setIsHistory] = useState(false)
  return (
    <>
      <div className="flex flex-wrap items-baseline justify-between gap-x-6 gap-y-1">
        <h3 className="text-base font-semibold">{set.name}</h3>
        <p className="flex gap-4">
          <TextButton onClick={edit}>
            Edit<span className="sr-only"> {set.name}</span>
          </TextButton>
          <TextButton aria-expanded={isHistory} onClick={() => setIsHistory(!isHistory)}>
            History<span className="sr-only"> of {set.name}</span>
          </TextButton>
          <TextButton onClick={remove}>
            Delete<span className="sr-only"> {set.name}</span>
          </TextButton>
        </p>
      </div>
      <p className="text-soft">
        {[
          ...set.tests.map((test) => testWords(test, set)),
          ...(set.stressed ? [stressedWords(set)] : []),
        ].join('; ')}
        .
      </p>
      <p className="text-soft text-xs">
        {set.source}, {formatDay(set.day, navigator.language)}. Check before use.
      </p>
      {isHistory && <SetHistory view={view} />}
    </>
  )
}
