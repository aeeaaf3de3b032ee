import { formatAmount } from '../../format/amount'
import { formatPercent } from '../../format/percent'
import { TakePicture } from '../../picture/TakePicture'
import { useWidth } from '../../ui/useWidth'
import { useOpenCase } from '../CaseContext'
import { EstimatedCosts } from '../estimate/EstimatedCosts'
import { BarPiece } from './BarPiece'
import { notchesOf, partsOf, type BarPart } from './barMarks'
import { barSvg } from './barSvg'
import { BarNotches } from './BarNotches'
import { limitWords, measureName, spareWords } from './readingWords'
import type { Held } from './useAffordability'

/** The income in full, with what is committed of it laid on it, and each limit a notch. The same in words for those who do not see it. */
export function IncomeBar({ held }: { held: Held }) {
  const { words, document } = useOpenCase()
  const [attach, width] = useWidth()
  const { view } = held
  const parts = partsOf(view.housing, view.monthlyDebtsCents, words)
  const committed = parts.reduce((sum, { cents }) => sum + cents, 0)
  const notches = notchesOf(view)
  const whole = Math.max(view.monthlyIncomeCents, committed, ...notches.map(({ atCents }) => atCents), 1)
  const left = view.monthlyIncomeCents - committed
  const income = `Gross income, ${formatAmount(view.monthlyIncomeCents)} a month`
  const marked = notches.map(({ reading, atCents }) => ({
    key: reading.test,
    atCents,
    text: `${measureName(reading.measure, held.set)} ${limitWords(reading)}: ${spareWords(reading)}`,
    isMissed: !reading.isMet,
  }))
  const tested = partsOf(view.tested, view.monthlyDebtsCents, words)
  return (
    <section aria-label="What is committed of the income" className="mt-5" ref={attach}>
      <div className="flex items-baseline justify-between gap-4">
        <p className="heading">{income}</p>
        <TakePicture
          title={document.title}
          name="Committed of the income"
          draw={() => barSvg({ title: document.title, about: income, parts, whole, notches: marked })}
        />
      </div>
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
      <BarNotches label="Limits on the bar" notches={marked} whole={whole} width={width} />
      <EstimatedCosts />
    </section>
  )
}

const inWords = (parts: readonly BarPart[], left: number) =>
  [
    ...parts.map(({ name, cents }) => `${name} ${formatAmount(cents)}`),
    left >= 0 ? `left before tax ${formatAmount(left)}` : `more than is earned by ${formatAmount(-left)}`,
  ].join(', ')
