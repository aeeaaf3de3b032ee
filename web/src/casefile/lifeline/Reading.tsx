import { formatAmount } from '../../format/amount'
import { formatDay } from '../../format/date'
import { Explained } from '../../working/Explained'
import { CopyButton } from '../../ui/CopyButton'
import { useOpenCase } from '../CaseContext'
import { COLUMN_KEYS, columnsOf } from './columns'
import { sumsOf, type Life, type Stretch, type Sums } from './life'
import { asTabbed, textRows } from './table'

/** What the marker stands at, in words, as a screen reader speaks it. */
export function markerWords({ schedule }: Life, sums: Sums, locale: string): string {
  const date = formatDay(schedule.dates[sums.last - 1] ?? '', locale)
  const equity = sums.equityCents === null ? '' : `, equity ${formatAmount(sums.equityCents)}`
  return (
    `${date}, payment ${sums.last}: owed ${formatAmount(sums.balanceCents)}, ` +
    `interest so far ${formatAmount(sums.interestCents)}, repaid ${formatAmount(sums.principalCents)}${equity}`
  )
}

type MarkerReadingProps = { life: Life; marker: number }

/** The figures at the marker. */
export function MarkerReading({ life, marker }: MarkerReadingProps) {
  const { locale } = useOpenCase()
  const sums = sumsOf(life, 1, marker)
  const own = sumsOf(life, marker, marker)
  return (
    <div data-testid="marker-reading">
      <p className="text-act text-[0.8125rem] font-semibold">
        {formatDay(life.schedule.dates[marker - 1] ?? '', locale)}, payment {marker}
        <span className="text-soft ml-3 font-normal">
          interest{' '}
          <Explained figure="LINE_INTEREST" line={marker}>
            {formatAmount(own.interestCents)}
          </Explained>
          , principal{' '}
          <Explained figure="LINE_PRINCIPAL" line={marker}>
            {formatAmount(own.principalCents - own.extraCents)}
          </Explained>
          {own.extraCents > 0 && `, extra ${formatAmount(own.extraCents)}`}
        </span>
      </p>
      <p className="font-figures flex flex-wrap gap-x-5 text-[1.1875rem]">
        <span>
          owed{' '}
          <Explained figure="LINE_BALANCE" line={marker}>
            {formatAmount(sums.balanceCents)}
          </Explained>
        </span>
        <span className="text-interest-words">interest so far {formatAmount(sums.interestCents)}</span>
        <span className="text-principal">repaid {formatAmount(sums.principalCents)}</span>
        {sums.equityCents !== null && <span>equity {formatAmount(sums.equityCents)}</span>}
      </p>
    </div>
  )
}

type StretchReadingProps = { life: Life; stretch: Stretch | null; clear: () => void }

/** The sums of the stretch, and how to choose one where there is none. */
export function StretchReading({ life, stretch, clear }: StretchReadingProps) {
  const { words } = useOpenCase()
  if (!stretch)
    return <p className="text-soft mt-1.5 text-[0.8125rem]">Drag across the picture for a stretch’s sums.</p>
  const sums = sumsOf(life, stretch.first, stretch.last)
  const all = columnsOf(words)
  const text = () =>
    asTabbed(
      textRows(
        life,
        COLUMN_KEYS.map((key) => all[key]),
        stretch,
      ),
    )
  return (
    <p
      className="mt-1.5 flex flex-wrap items-baseline gap-x-3 text-[0.8125rem]"
      data-testid="stretch-reading"
      aria-live="polite"
    >
      <span className="text-act font-semibold">
        {stretch.first === stretch.last
          ? `Payment ${stretch.first}`
          : `Payments ${stretch.first} to ${stretch.last}`}
      </span>
      <span>interest {formatAmount(sums.interestCents)}</span>
      <span>principal {formatAmount(sums.principalCents)}</span>
      {sums.extraCents > 0 && <span>of it extra {formatAmount(sums.extraCents)}</span>}
      <span>then owed {formatAmount(sums.balanceCents)}</span>
      <CopyButton label="Copy" text={text} />
      <button type="button" className="text-act font-semibold hover:underline" onClick={clear}>
        Clear
      </button>
    </p>
  )
}
