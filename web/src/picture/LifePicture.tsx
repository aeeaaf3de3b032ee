import { useState, type KeyboardEvent } from 'react'
import type { YearView } from '../api/client'
import { formatAmount } from '../format/amount'

const WIDTH = 1000
const HEIGHT = 150
const GAP = 2

/** The payments of each year as interest and principal, one column a year; read by pointer, arrow keys or as a table. */
export function LifePicture({ years }: { years: readonly YearView[] }) {
  const [marked, setMarked] = useState<number | null>(null)
  const [asTable, setAsTable] = useState(false)
  const year = marked === null ? undefined : years[Math.min(marked, years.length - 1)]
  const first = years[0]
  const last = years.at(-1)
  if (!first || !last) return null

  const step = (event: KeyboardEvent) => {
    const moves: Record<string, number> = { ArrowLeft: -1, ArrowRight: 1, Home: -Infinity, End: Infinity }
    const move = moves[event.key]
    if (move === undefined) return
    event.preventDefault()
    setMarked(Math.min(years.length - 1, Math.max(0, (marked ?? (move > 0 ? -1 : years.length)) + move)))
  }

  return (
    <section aria-labelledby="life-heading">
      <div className="flex flex-wrap items-baseline gap-x-6 gap-y-1">
        <h2 id="life-heading" className="heading">
          Its life, year by year
        </h2>
        <Key colour="var(--color-interest)" name="interest" />
        <Key colour="var(--color-principal)" name="principal" />
        <p className="text-soft min-h-5 grow text-right" aria-live="polite">
          {year && <Reading year={year} />}
        </p>
        <button
          type="button"
          className="text-act font-semibold hover:underline"
          onClick={() => setAsTable(!asTable)}
        >
          {asTable ? 'As a picture' : 'As a table'}
        </button>
      </div>
      {asTable ? (
        <YearTable years={years} />
      ) : (
        <div
          className="mt-2"
          role="slider"
          tabIndex={0}
          aria-label="Year of the loan"
          aria-valuemin={first.year}
          aria-valuemax={last.year}
          aria-valuenow={year?.year ?? first.year}
          aria-valuetext={year ? readingOf(year) : `${first.year} to ${last.year}`}
          onKeyDown={step}
          onBlur={() => setMarked(null)}
        >
          <Columns years={years} marked={year ?? null} mark={setMarked} />
          <div className="text-soft mt-1 flex justify-between text-xs" aria-hidden>
            <span>{first.year}</span>
            <span>{last.year}</span>
          </div>
        </div>
      )}
    </section>
  )
}

type ColumnsProps = {
  years: readonly YearView[]
  marked: YearView | null
  mark: (index: number | null) => void
}

function Columns({ years, marked, mark }: ColumnsProps) {
  const most = Math.max(...years.map((year) => year.interestCents + year.principalCents))
  const pitch = WIDTH / years.length
  const width = pitch - Math.min(GAP, pitch / 4)
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      preserveAspectRatio="none"
      className="block h-30 w-full"
      aria-hidden
      onPointerLeave={() => mark(null)}
    >
      {years.map((year, index) => {
        const principal = (year.principalCents / most) * HEIGHT
        const interest = (year.interestCents / most) * HEIGHT
        const faded = marked !== null && marked !== year ? 0.45 : 1
        return (
          <g key={year.year} opacity={faded} onPointerEnter={() => mark(index)}>
            <rect x={index * pitch} width={pitch} height={HEIGHT} fill="transparent" />
            <rect
              x={index * pitch}
              width={width}
              y={HEIGHT - principal}
              height={principal}
              fill="var(--color-principal)"
            />
            <rect
              x={index * pitch}
              width={width}
              y={HEIGHT - principal - interest}
              height={interest}
              fill="var(--color-interest)"
            />
          </g>
        )
      })}
    </svg>
  )
}

function Key({ colour, name }: { colour: string; name: string }) {
  return (
    <span className="text-soft text-[0.8125rem]">
      <span className="mr-1.5 inline-block size-2.5" style={{ background: colour }} aria-hidden />
      {name}
    </span>
  )
}

const readingOf = (year: YearView) =>
  `${year.year}: interest ${formatAmount(year.interestCents)}, principal ${formatAmount(year.principalCents)}, ` +
  `owed at its end ${formatAmount(year.balanceCents)}`

function Reading({ year }: { year: YearView }) {
  return <span className="text-ink">{readingOf(year)}</span>
}

function YearTable({ years }: { years: readonly YearView[] }) {
  return (
    <div className="mt-2 overflow-x-auto" role="region" aria-label="The years as a table" tabIndex={0}>
      <table className="figures-table w-full">
        <thead>
          <tr>
            <th scope="col">Year</th>
            <th scope="col">Payments</th>
            <th scope="col">Interest</th>
            <th scope="col">Principal</th>
            <th scope="col">Owed at its end</th>
          </tr>
        </thead>
        <tbody>
          {years.map((year) => (
            <tr key={year.year}>
              <th scope="row">{year.year}</th>
              <td>
                {year.firstPayment} to {year.lastPayment}
              </td>
              <td>{formatAmount(year.interestCents)}</td>
              <td>{formatAmount(year.principalCents)}</td>
              <td>{formatAmount(year.balanceCents)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  )
}
