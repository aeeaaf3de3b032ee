import { useQuery } from '@tanstack/react-query'
import { lazy, Suspense } from 'react'
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
  const { data, error, isPlaceholderData } = useQuery(handoutPdfQuery(rested))
  const isCurrent = rested === question && !isPlaceholderData && data !== undefined
  return (
    <section aria-label="Preview" aria-busy={!isCurrent && !error} className="min-w-0">
      <div className="mb-2 flex flex-wrap items-center gap-x-5 gap-y-1">
        <span className="heading mr-auto" role="status">
          {error ? '' : isCurrent ? 'The document itself' : 'Setting the pages…'}
        </span>
        {data && (
          <TextButton disabled={!isCurrent} onClick={() => saveFile(data.name, data.contents)}>
            Save draft as PDF
          </TextButton>
        )}
        <IssueButton />
      </div>
      {error && (
        <p role="alert" className="field-problem">
          {error.message}
        </p>
      )}
      {data && (
        <Suspense fallback={<p className="text-soft">Loading the pages…</p>}>
          <Pages pdf={data.contents} />
        </Suspense>
      )}
    </section>
  )
}
