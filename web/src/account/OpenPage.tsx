import type { ReactNode } from 'react'

/** What stands around a page that is shown before one has signed in. */
export function OpenPage({ title, children }: { title: string; children: ReactNode }) {
  return (
    <main className="grid min-h-dvh content-center justify-items-center p-6">
      <title>{`${title} · Impendium`}</title>
      <div className="w-full max-w-sm">
        <p className="font-figures text-xl font-semibold">Impendium</p>
        <h1 className="font-figures mt-3 text-3xl font-medium">{title}</h1>
        {children}
      </div>
    </main>
  )
}
