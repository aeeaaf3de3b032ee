import { useStore } from 'zustand'
import { useOpenCase } from './CaseContext'
import { useOption } from './OptionContext'
import { LoanSentence } from './loan/LoanSentence'
import { noteWords } from './featureNotes'

/** What every view of an option begins with: the loan as a sentence, and whether its figures stand. */
export function SentenceHead() {
  const { store, problems, staleness, locale } = useOpenCase()
  const { figures } = useOption()
  const claims = useStore(store.claims.store)
  const elsewhere = problems.filter(({ pointer }) => pointer === null || !claims[pointer])
  return (
    <>
      <LoanSentence />
      {figures.notes.length > 0 && (
        <ul aria-label="Notes on features" className="text-soft mt-1.5 text-[0.8125rem]">
          {figures.notes.map((note) => (
            <li key={note.pointer}>
              <span aria-hidden className="text-over">
                ≠
              </span>{' '}
              {noteWords(note, locale)}
            </li>
          ))}
        </ul>
      )}
      <div className="mt-1 mb-2.5 min-h-5 text-[0.8125rem] font-medium" role="status">
        {elsewhere.map((problem) => (
          <p key={problem.pointer ?? problem.parameter} className="text-over">
            {problem.message}
          </p>
        ))}
        {staleness && <p className="text-soft">{staleness}</p>}
      </div>
    </>
  )
}
