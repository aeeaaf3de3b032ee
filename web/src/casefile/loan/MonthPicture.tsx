import { useState } from 'react'
import type { OptionView } from '../../api/client'
import { formatAmount } from '../../format/amount'
import { formatMonth } from '../../format/date'
import { Drawing } from '../../picture/Drawing'
import { pointAfter, stepAt } from '../../picture/reading'
import { useWidth } from '../../ui/useWidth'
import { useOpenCase } from '../CaseContext'
import { useOption } from '../OptionContext'
import { monthMarks } from './monthMarks'

const HEIGHT_PX = 96

/** The parts of the monthly cost through the years; pointer, focus and arrow keys read one period after the other. */
export function MonthPicture() {
  const { locale } = useOpenCase()
  const { figures } = useOption()
  const { housingPeriods: periods } = figures
  const [frame, width] = useWidth()
  const [reached, setReached] = useState<number | null>(null)
  const last = periods.length - 1
  const read = reached === null ? null : Math.min(reached, last)
  const beginnings = periods.map(({ fromPayment }) => fromPayment - 1)
  const words = (index: number) => periodWords(figures, index, locale)
  return (
    <>
      <div
        ref={frame}
        className="chart-reader mt-2"
        role="slider"
        tabIndex={0}
        aria-label="Period of the monthly cost"
        aria-valuemin={1}
        aria-valuemax={periods.length}
        aria-valuenow={(read ?? 0) + 1}
        aria-valuetext={words(read ?? 0)}
        onPointerMove={({ clientX, currentTarget }) => {
          const { left, width: wide } = currentTarget.getBoundingClientRect()
          setReached(stepAt(beginnings, ((clientX - left) / wide) * figures.payments))
        }}
        onPointerLeave={() => setReached(null)}
        onFocus={() => setReached(reached ?? 0)}
        onBlur={() => setReached(null)}
        onKeyDown={(event) => {
          const next = pointAfter(event.key, { at: read ?? 0, first: 0, last, page: 1 })
          if (next === null) return
          event.preventDefault()
          setReached(next)
        }}
      >
        <Drawing
          marks={monthMarks(figures, Math.max(1, width), HEIGHT_PX)}
          width={Math.max(1, width)}
          height={HEIGHT_PX}
          className="block h-24 w-full"
        />
        {read !== null && <Window figures={figures} index={read} />}
      </div>
      <div className="text-soft mt-1 flex justify-between gap-x-4 text-xs" aria-hidden>
        <span>{formatMonth(figures.firstPaymentDate, locale)}</span>
        {read !== null && <span className="text-ink font-medium">{words(read)}</span>}
        <span>{formatMonth(figures.payoffDate, locale)}</span>
      </div>
    </>
  )
}

/** Leaves the period that is read as it is, and draws a veil over the others. */
function Window({ figures, index }: { figures: OptionView; index: number }) {
  const share = (payment: number) => `${((payment - 1) / figures.payments) * 100}%`
  const { fromPayment } = figures.housingPeriods[index] ?? { fromPayment: 1 }
  const until = figures.housingPeriods[index + 1]?.fromPayment ?? figures.payments + 1
  return (
    <>
      <span className="chart-veil" style={{ left: 0, width: share(fromPayment) }} />
      <span className="chart-veil" style={{ left: share(until), right: 0 }} />
    </>
  )
}

function periodWords({ housingPeriods, payoffDate }: OptionView, index: number, locale: string): string {
  const period = housingPeriods[index]
  if (!period) return ''
  const until = housingPeriods[index + 1]?.from
  const end =
    until === undefined ? `to ${formatMonth(payoffDate, locale)}` : `until ${formatMonth(until, locale)}`
  return `${formatMonth(period.from, locale)} ${end}: ${formatAmount(period.cost.totalCents)} a month`
}
