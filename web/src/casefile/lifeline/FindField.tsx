import { useState } from 'react'
import { useOpenCase } from '../CaseContext'
import { find } from './find'
import type { Life, PaymentRange } from './life'

type FindFieldProps = {
  life: Life
  perYear: number
  goTo: (payment: number) => void
  span: (range: PaymentRange) => void
}

/** Finds a payment by number or date, or a range by its ends: 118, Oct 2031, 13 to 24, year 7. */
export function FindField({ life, perYear, goTo, span }: FindFieldProps) {
  const { locale } = useOpenCase()
  const [text, setText] = useState('')
  const [problem, setProblem] = useState<string | null>(null)

  const look = () => {
    if (text.trim() === '') return
    const found = find(life, perYear, text, locale)
    setProblem(found.kind === 'none' ? found.message : null)
    if (found.kind === 'payment') goTo(found.payment)
    if (found.kind === 'range') span(found.range)
  }

  return (
    <form
      role="search"
      className="flex flex-wrap items-baseline gap-x-3"
      onSubmit={(event) => {
        event.preventDefault()
        look()
      }}
    >
      <input
        className="field w-52! py-1!"
        aria-label="Find a payment or a period"
        aria-invalid={problem !== null}
        placeholder="118, Oct 2031, 13 to 24"
        title="Enter finds it"
        autoComplete="off"
        value={text}
        onChange={(event) => setText(event.target.value)}
      />
      {problem && (
        <span role="alert" className="text-over text-[0.8125rem] font-medium">
          {problem}
        </span>
      )}
    </form>
  )
}
