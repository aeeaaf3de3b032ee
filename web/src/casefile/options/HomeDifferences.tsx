import { AnswerButton } from '../../answer/AnswerButton'
import { useOpenCase } from '../CaseContext'
import { useOption } from '../OptionContext'
import type { Comparison } from './compared'
import { homeDifferences } from './homeDifferences'

/** What differs between the options besides their financing, so that the cheapest is no answer yet; each can be made the same for all. */
export function HomeDifferences({ comparison }: { comparison: Comparison }) {
  const { store, words } = useOpenCase()
  const { option } = useOption()
  const differences = homeDifferences(comparison, words)
  if (differences.length === 0) return null
  return (
    <ul aria-label="What differs besides the financing" className="mt-2 text-[0.8125rem]">
      {differences.map(({ part, words: said, action, change }) => (
        <li key={part}>
          <span className="text-over font-medium">
            <span aria-hidden>⚠ </span>
            {said}
          </span>{' '}
          <AnswerButton
            onClick={() => store.changeOptions((all) => ({ options: all.map(change), selected: option.id }))}
          >
            {action}
          </AnswerButton>
        </li>
      ))}
    </ul>
  )
}
