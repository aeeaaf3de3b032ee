import { lazy, Suspense } from 'react'
import { AnswerButton } from '../../answer/AnswerButton'
import { AnswerScope } from '../../answer/AnswerScope'
import { useAnswer } from '../../answer/useAnswer'
import { handoutPdfQuery } from '../../api/handouts'
import { saveFile } from '../../ui/saveFile'
import { TextButton } from '../../ui/TextButton'
import { IssueButton } from './IssueButton'
import { useHandoutQuestion } from './useHandoutQuestion'
import { useRested } from '../../ui/useRested'

/** Shorter would print a document for each key press, longer would look as if nothing followed. */
const REST_MS = 400

/** What draws pages weighs more than the rest of a case: it is loaded when a page is shown. */
const Pages = lazy(() => import('./Pages').then(({ Pages: loaded }) => ({ default: loaded })))

/** The document as it would be handed out now, page by page. */
export function Preview() {
  const question = useHandoutQuestion()
  const rested = useRested(question, REST_MS)
  const answer = useAnswer(handoutPdfQuery(rested), rested.document)
  const { value, failure, askAgain } = answer
  const isCurrent = answer.isCurrent && rested === question
  return (
    <section aria-label="Preview" aria-busy={!isCurrent && failure === null} className="min-w-0">
      <AnswerScope of={{ ...answer, isCurrent }}>
        <div className="mb-2 flex flex-wrap items-center gap-x-5 gap-y-1">
          <span className="heading mr-auto" role="status">
            {failure !== null ? '' : isCurrent ? 'The document itself' : 'Setting the pages…'}
          </span>
          {value && (
            <AnswerButton onClick={() => saveFile(value.name, value.contents)}>
              Save draft as PDF
            </AnswerButton>
          )}
          <IssueButton />
        </div>
        {failure !== null && (
          <p role="alert" className="field-problem">
            {failure} {askAgain && <TextButton onClick={askAgain}>Try again</TextButton>}
          </p>
        )}
        {value && (
          <Suspense fallback={<p className="text-soft">Loading the pages…</p>}>
            <Pages pdf={value.contents} />
          </Suspense>
        )}
      </AnswerScope>
    </section>
  )
}
