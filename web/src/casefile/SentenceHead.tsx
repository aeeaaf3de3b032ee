import type { CaseDocument, FieldProblem } from '../api/client'
import { useOpenCase } from './CaseContext'
import { LoanSentence } from './loan/LoanSentence'
import { OptionsBar } from './loan/OptionsBar'
import { noteWords } from './featureNotes'

/** What every view of an option begins with: which option, the loan as a sentence, and whether its figures stand. */
export function SentenceHead() {
  const { document, problems, at, staleness, figures, locale } = useOpenCase()
  const elsewhere = problems.filter((problem) => !isInSentence(problem, document, at))
  return (
    <>
      <OptionsBar />
      <LoanSentence />
      {figures.notes.length > 0 && (
        <ul aria-label="What clauses do instead" className="text-soft mt-1.5 text-[0.8125rem]">
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
      <div className="text-over mt-1 mb-2.5 min-h-5 text-[0.8125rem] font-medium" role="status">
        {elsewhere.map((problem) => (
          <p key={problem.pointer ?? problem.parameter}>{problem.message}</p>
        ))}
        {staleness && <p>{staleness}</p>}
      </div>
    </>
  )
}

/** Whether a problem is told at its own figure of the sentence: where the option at hand says something there. */
function isInSentence({ pointer }: FieldProblem, document: CaseDocument, at: string): boolean {
  if (pointer === null) return false
  if (['/title', '/clients'].includes(pointer)) return true
  if (!pointer.startsWith(`${at}/`) || pointer.includes('/housing/')) return false
  if (pointer.includes('/closing/')) return pointer.endsWith('/upfrontPremiumPercent')
  const parent = pointer.split('/').slice(1)
  let value: unknown = document
  for (const step of parent) {
    if (value === null || typeof value !== 'object') return false
    value = (value as Record<string, unknown>)[step]
  }
  return (
    value !== null ||
    /\/(firstPayment|firstDay|lastDay|lastPayment|fromDay|fromPayment|loanCents)$/.test(pointer)
  )
}
