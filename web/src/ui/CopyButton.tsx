import { useEffect, useState } from 'react'

const TOLD_FOR_MS = 2000

/** Copies a text and says so for a moment. */
export function CopyButton({ label, text }: { label: string; text: () => string }) {
  const [told, setTold] = useState<string | null>(null)
  useEffect(() => {
    if (told === null) return
    const timer = setTimeout(() => setTold(null), TOLD_FOR_MS)
    return () => clearTimeout(timer)
  }, [told])
  const copy = () =>
    navigator.clipboard.writeText(text()).then(
      () => setTold('Copied'),
      () => setTold('The browser did not let it be copied'),
    )
  return (
    <button type="button" className="text-act font-semibold hover:underline" onClick={() => void copy()}>
      <span aria-live="polite">{told ?? label}</span>
    </button>
  )
}
