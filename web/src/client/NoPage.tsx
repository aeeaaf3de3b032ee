import { Refusal } from '../api/client'
import { CopyButton } from '../ui/CopyButton'
import { noteDraft } from './noteDraft'

const TITLES: Record<number, string> = {
  404: 'There is no page here',
  410: 'This page has ended',
  429: 'Too many wrong words',
}

/** Why there is no page to show. */
export function NoPage({ error, linkKey, retry }: { error: Error; linkKey: string; retry: () => void }) {
  const status = error instanceof Refusal ? error.status : 0
  const title = TITLES[status]
  return (
    <main className="grid min-h-dvh place-content-center justify-items-center gap-4 p-6 text-center">
      <h1 className="font-figures text-2xl">{title ?? 'This page cannot be loaded'}</h1>
      <p className="text-soft max-w-prose">{error.message}</p>
      {title === undefined && (
        <button type="button" className="button" onClick={retry}>
          Try again
        </button>
      )}
      <UnsentNote words={noteDraft(linkKey)} />
    </main>
  )
}

/** A note that could not be sent before the page closed. */
function UnsentNote({ words }: { words: string }) {
  if (words === '') return null
  return (
    <section aria-label="Your note" className="mt-4 max-w-prose text-left">
      <p className="text-soft">Your note was not sent. Copy it, and send it to your advisor directly.</p>
      <p className="field mt-2 whitespace-pre-line">{words}</p>
      <CopyButton label="Copy the note" text={() => words} />
    </section>
  )
}
