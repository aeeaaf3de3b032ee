import { getDocument, GlobalWorkerOptions, type PDFDocumentProxy } from 'pdfjs-dist'
import workerAddress from 'pdfjs-dist/build/pdf.worker.min.mjs?url'
import { useEffect, useState } from 'react'
import { Page } from './Page'

GlobalWorkerOptions.workerSrc = workerAddress

/** A PDF's pages, one below the other. The last document stays until the next one can be shown. */
export function Pages({ pdf }: { pdf: Blob }) {
  const [document, setDocument] = useState<PDFDocumentProxy | null>(null)
  useEffect(() => {
    let isDropped = false
    const opened = pdf.arrayBuffer().then((data) => getDocument({ data }).promise)
    void opened.then((next) => {
      if (!isDropped) setDocument(next)
    })
    return () => {
      isDropped = true
    }
  }, [pdf])
  useEffect(
    () => () => {
      void document?.loadingTask.destroy()
    },
    [document],
  )
  if (!document) return null
  return (
    <ol className="pages" aria-label={`Document, ${document.numPages} pages`} data-testid="pages">
      {Array.from({ length: document.numPages }, (_, index) => (
        <li key={index}>
          <Page document={document} number={index + 1} />
        </li>
      ))}
    </ol>
  )
}
