import { useState } from 'react'
import { readSpan, readTime } from '../../entry/time'
import { useOpenCase } from '../CaseContext'
import { paymentAt, stretchOf, type Life, type Stretch } from './life'

type FindFieldProps = { life: Life; goTo: (payment: number) => void; span: (stretch: Stretch) => void }

/** Finds a payment by number or date, or a stretch by its ends: 118, Oct 2031, 13 to 24, 2033. */
export function FindField({ life, goTo, span }: FindFieldProps) {
  const { locale } = useOpenCase()
  const [text, setText] = useState('')
  const [problem, setProblem] = useState<string | null>(null)

  const find = () => {
    if (text.trim() === '') return
    const time = readTime(text, locale)
    if (time.status === 'read' && !isWholeYear(text)) {
      goTo(paymentAt(life, time.value))
      setProblem(null)
      return
    }
    const reading = readSpan(text, locale)
    setProblem(reading.status === 'unread' ? reading.message : null)
    if (reading.status === 'read') span(stretchOf(life, reading.value))
  }

  return (
    <form
      role="search"
      className="flex flex-wrap items-baseline gap-x-3"
      onSubmit={(event) => {
        event.preventDefault()
        find()
      }}
    >
      <input
        className="field w-52! py-1!"
        aria-label="Find a payment or a stretch"
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

const isWholeYear = (text: string) => /^\s*\d{4}\s*$/.test(text)
