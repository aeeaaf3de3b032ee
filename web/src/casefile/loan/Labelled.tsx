import type { ReactNode } from 'react'

/** A choice of the drawer with its words above it; the choice itself carries them for a screen reader. */
export function Labelled({ label, children }: { label: string; children: ReactNode }) {
  return (
    <div>
      <span className="mb-1 block font-medium" aria-hidden>
        {label}
      </span>
      {children}
    </div>
  )
}
