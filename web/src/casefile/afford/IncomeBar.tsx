import type { CSSProperties } from 'react'
import { formatAmount } from '../../format/amount'
import { formatPercent } from '../../format/percent'
import { useWidth } from '../../ui/useWidth'
import { useOpenCase } from '../CaseContext'
import { EstimatedCosts } from '../estimate/EstimatedCosts'
import { BarPiece } from './BarPiece'
import { notchesOf, partsOf, type BarPart, type Notch } from './barMarks'
import { limitWords, measureName, spareWords } from './readingWords'
import type { Held } from './useAffordability'

const LABEL_CHARACTER_PX = 6.6
/** Below this, the words of a limit have no room beside its notch. */
const NARROW_PX = 560

/** The income in full, with what is committed of it laid on it, and each limit a notch. The same in words for those who do not see it. */
export function IncomeBar({ held }: { held: Held }) {
  const { words } = useOpenCase()
  const [attach, width] = useWidth()
  const { view } = held
  const parts = partsOf(view.housing, view.monthlyDebtsCents, words)
  const committed = parts.reduce((sum, { cents }) => sum + cents, 0)
  const notches = notchesOf(view)
  const whole = Math.max(view.monthlyIncomeCents, committed, ...notches.map(({ atCents }) => atCents), 1)
  const left = view.monthlyIncomeCents - committed
  const tested = partsOf(view.tested, view.monthlyDebtsCents, words)
  return (
    <section aria-label="What is committed of the income" className="mt-5" ref={attach}>
      <p className="heading">Gross income, {formatAmount(view.monthlyIncomeCents)} a month</p>
      <div className="income-bar" role="img" aria-label={inWords(parts, left)}>
        {parts.map((part) => (
          <BarPiece key={part.name} part={part} whole={whole} width={width} />
        ))}
        {left > 0 && (
          <span className="income-left">
            left before tax <span className="font-figures text-base">{formatAmount(left)}</span>
          </span>
        )}
      </div>
      {view.testedRatePercent !== null && (
        <>
          <div className="income-bar" data-thin aria-hidden>
            {tested.map((part) => (
              <BarPiece key={part.name} part={part} whole={whole} width={0} />
            ))}
          </div>
          <p className="text-soft mt-1 text-xs">
            tested at {formatPercent(view.testedRatePercent)}: {formatAmount(view.tested.totalCents)} for the
            home
          </p>
        </>
      )}
      <Notches notches={notches} held={held} whole={whole} width={width} />
      <EstimatedCosts />
    </section>
  )
}

type NotchesProps = { notches: readonly Notch[]; held: Held; whole: number; width: number }

/** Each limit below the bar where it lies on it, in a row in which its words have room. */
function Notches({ notches, held, whole, width }: NotchesProps) {
  const ends: number[] = []
  const wordsOf = ({ reading }: Notch) =>
    `${measureName(reading.measure, held.set)} ${limitWords(reading)}: ${spareWords(reading)}`
  if (width < NARROW_PX) {
    return (
      <ul aria-label="Limits on the bar" className="mt-1 text-xs">
        {notches.map((notch) => (
          <li
            key={notch.reading.test}
            className={notch.reading.isMet ? undefined : 'text-over font-semibold'}
          >
            {wordsOf(notch)}
          </li>
        ))}
      </ul>
    )
  }
  return (
    <ul aria-label="Limits on the bar" className="income-notches">
      {notches.map((notch) => {
        const { reading, atCents } = notch
        const text = wordsOf(notch)
        const at = (atCents / whole) * width
        const size = text.length * LABEL_CHARACTER_PX
        const isLeft = at + size > width
        const [from, to] = isLeft ? [at - size, at] : [at, at + size]
        const free = ends.findIndex((end) => end < from)
        const row = free < 0 ? ends.length : free
        ends[row] = to
        return (
          <li
            key={reading.test}
            data-missed={!reading.isMet || undefined}
            data-left={isLeft || undefined}
            style={{ left: `${(atCents / whole) * 100}%`, '--row': row } as CSSProperties}
          >
            <span>{text}</span>
          </li>
        )
      })}
      <li aria-hidden className="income-rows" style={{ '--row': ends.length } as CSSProperties} />
    </ul>
  )
}

const inWords = (parts: readonly BarPart[], left: number) =>
  [
    ...parts.map(({ name, cents }) => `${name} ${formatAmount(cents)}`),
    left >= 0 ? `left before tax ${formatAmount(left)}` : `more than is earned by ${formatAmount(-left)}`,
  ].join(', ')
