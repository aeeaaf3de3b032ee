import { Refusal } from '../api/client'

const TITLES: Record<number, string> = {
  404: 'There is no page here',
  410: 'This page has ended',
  429: 'Too many wrong words',
}

/** Why there is no page to show. */
export function NoPage({ error, retry }: { error: Error; retry: () => void }) {
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
    </main>
  )
}
