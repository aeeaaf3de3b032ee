import { TextLayer, type PDFDocumentProxy } from 'pdfjs-dist'
import { useEffect, useRef, useState, type RefObject } from 'react'

/** Sharp enough on any screen; more would only take memory. */
const MOST_PIXELS_PER_PIXEL = 2

/** A page, drawn once it comes near the window, with its text over it for selecting and for screen readers. */
export function Page({ document, number }: { document: PDFDocumentProxy; number: number }) {
  const frame = useRef<HTMLDivElement>(null)
  const canvas = useRef<HTMLCanvasElement>(null)
  const text = useRef<HTMLDivElement>(null)
  const isNear = useIsNear(frame)

  useEffect(() => {
    if (!isNear) return
    const leaving = new AbortController()
    const draw = async () => {
      const page = await document.getPage(number)
      const [box, paper, words] = [frame.current, canvas.current, text.current]
      if (leaving.signal.aborted || !box || !paper || !words) return
      const natural = page.getViewport({ scale: 1 })
      const scale = box.clientWidth / natural.width
      const sharpness = Math.min(MOST_PIXELS_PER_PIXEL, window.devicePixelRatio || 1)
      const viewport = page.getViewport({ scale: scale * sharpness })
      paper.width = Math.floor(viewport.width)
      paper.height = Math.floor(viewport.height)
      box.style.aspectRatio = `${natural.width} / ${natural.height}`
      box.style.setProperty('--total-scale-factor', String(scale))
      await page.render({ canvas: paper, viewport }).promise
      words.replaceChildren()
      await new TextLayer({
        textContentSource: await page.getTextContent(),
        container: words,
        viewport: page.getViewport({ scale }),
      }).render()
      hideMeasures()
      box.dataset.drawn = ''
    }
    // A document that has given way to the next one draws no more.
    draw().catch(() => undefined)
    return () => leaving.abort()
  }, [document, number, isNear])

  return (
    <div ref={frame} className="page" role="group" aria-label={`Page ${number}`}>
      <canvas ref={canvas} aria-hidden />
      <div ref={text} className="page-text" />
    </div>
  )
}

/** The library measures text on canvases of its own beside everything: there is nothing to see or hear on them. */
function hideMeasures() {
  window.document.querySelectorAll('.hiddenCanvasElement').forEach((canvas) => {
    canvas.setAttribute('aria-hidden', 'true')
  })
}

/** Whether an element has come within a window's height of being seen. */
function useIsNear(element: RefObject<HTMLElement | null>) {
  const [isNear, setIsNear] = useState(false)
  useEffect(() => {
    if (!element.current) return
    const observer = new IntersectionObserver(
      (entries) => {
        if (entries.some((entry) => entry.isIntersecting)) setIsNear(true)
      },
      { rootMargin: '100% 0px' },
    )
    observer.observe(element.current)
    return () => observer.disconnect()
  }, [element])
  return isNear
}
