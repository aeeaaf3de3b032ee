import type { ScheduleView } from '../../api/client'

/** More points than half the pixels that the picture has say nothing. */
const MOST_POINTS = 600
/** A lump many times the payment would press all else flat: it is cut here. */
const HIGHEST_OF_PAYMENTS = 1.5

export type Areas = { principal: string; interest: string }

/** The two areas of a loan's life as SVG paths in a box of this size, the whole width being the payments agreed. */
export function areasOf(schedule: ScheduleView, agreed: number, width: number, height: number): Areas {
  const last = schedule.dates.length
  const usual = Math.max(1, ...schedule.paymentCents.slice(1, Math.max(2, last)))
  const total = (line: number) => (schedule.paymentCents[line] ?? 0) + (schedule.extraCents[line] ?? 0)
  const highest = Math.min(
    usual * HIGHEST_OF_PAYMENTS,
    Math.max(...schedule.paymentCents.map((_, line) => total(line))),
  )
  const step = Math.max(1, Math.ceil(last / MOST_POINTS))
  const principalTop: string[] = []
  const interestTop: string[] = []
  const add = (line: number, x: number) => {
    const whole = Math.min(highest, total(line))
    const principal = Math.max(0, whole - (schedule.interestCents[line] ?? 0))
    principalTop.push(point(x, height - (principal / highest) * height))
    interestTop.push(point(x, height - (whole / highest) * height))
  }
  const at = (payments: number) => (payments / agreed) * width
  add(1, 0)
  for (let line = 1; line < last; line += step) add(line, at(line - 0.5))
  add(last, at(last - 0.5))
  add(last, at(last))
  const end = point(at(last), height)
  const back = [...principalTop].reverse()
  return {
    principal: `M0,${height}L${principalTop.join('L')}L${end}Z`,
    interest: `M${interestTop.join('L')}L${back.join('L')}Z`,
  }
}

const point = (x: number, y: number) => `${x.toFixed(1)},${y.toFixed(2)}`
