import { addMonths } from '../../entry/date'
import { readTime, type Time } from '../../entry/time'
import { Figure } from '../../sentence/Figure'
import { useOpenCase } from '../CaseContext'
import { timeText } from './timeText'

type TimeFigureProps = {
  label: string
  pointer: string
  also: readonly string[]
  time: { payment: number | null; day: string | null }
  was: { payment: number | null; day: string | null } | null | undefined
  take: (time: Time) => void
  after?: string
}

/** A point in the loan's life: a payment by its number, or a day. Moved by a payment or a month at a time. */
export function TimeFigure({ label, pointer, also, time, was, take, after = '' }: TimeFigureProps) {
  const { locale } = useOpenCase()
  const { payment, day } = time
  const nudge = (steps: number) => {
    if (day !== null) take({ payment: null, day: addMonths(day, steps) })
    else if (payment !== null) take({ payment: Math.max(1, payment + steps), day: null })
  }
  return (
    <Figure
      label={label}
      pointer={pointer}
      also={also}
      text={timeText(time, locale)}
      was={was === undefined ? undefined : was === null ? '' : timeText(was, locale)}
      read={(text) => readTime(text, locale)}
      take={take}
      nudge={nudge}
      after={after}
    />
  )
}
