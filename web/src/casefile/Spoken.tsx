import { useEffect, useState } from 'react'

/** Spoken at each key press, the figures would drown what is typed. */
const AFTER_TYPING_MS = 800

type SpokenProps = {
  answer: string
  /** Whether it is the answer to the entries as they stand. */
  isCurrent: boolean
}

/** Says a new answer to those who do not see it, once the typing rests. */
export function Spoken({ answer, isCurrent }: SpokenProps) {
  const [known, setKnown] = useState(answer)
  const isNew = answer !== known && isCurrent
  useEffect(() => {
    if (!isNew) return
    const rest = setTimeout(() => setKnown(answer), AFTER_TYPING_MS)
    return () => clearTimeout(rest)
  }, [isNew, answer])
  const [first] = useState(answer)
  return (
    <p aria-live="polite" className="sr-only" data-testid="spoken">
      {known === first ? '' : known}
    </p>
  )
}
