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
  const line = { of: 'line', line: marker } as const
  const soFar = { of: 'stretch', first: 1, last: marker } as const
  return (
    <div data-testid="marker-reading">
      <p className="text-act text-[0.8125rem] font-semibold">
        {formatDay(life.schedule.dates[marker - 1] ?? '', locale)}, payment {marker}
        <span className="text-soft ml-3 font-normal">
          interest{' '}
          <Explained figure="LINE_INTEREST" subject={line}>
            {formatAmount(own.interestCents)}
          </Explained>
          , principal{' '}
          <Explained figure="LINE_PRINCIPAL" subject={line}>
            {formatAmount(own.principalCents - own.extraCents)}
          </Explained>
          {own.extraCents > 0 && (
            <>
              , extra{' '}
              <Explained figure="LINE_EXTRA" subject={line}>
                {formatAmount(own.extraCents)}
              </Explained>
            </>
          )}
        </span>
      </p>
      <p className="font-figures flex flex-wrap gap-x-5 text-[1.1875rem]">
        <span>
          owed{' '}
          <Explained figure="LINE_BALANCE" subject={line}>
            {formatAmount(sums.balanceCents)}
          </Explained>
        </span>
        <span className="text-interest-words">
          interest so far{' '}
          <Explained figure="STRETCH_INTEREST" subject={soFar}>
            {formatAmount(sums.interestCents)}
          </Explained>
        </span>
        <span className="text-principal">
          repaid{' '}
          <Explained figure="STRETCH_REPAID" subject={soFar}>
            {formatAmount(sums.principalCents)}
          </Explained>
        </span>
        {sums.equityCents !== null && (
          <span>
            equity{' '}
            <Explained figure="EQUITY" subject={line}>
              {formatAmount(sums.equityCents)}
            </Explained>
          </span>
        )}
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
  const subject = { of: 'stretch', ...stretch } as const
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
      <span>
        interest{' '}
        <Explained figure="STRETCH_INTEREST" subject={subject}>
          {formatAmount(sums.interestCents)}
        </Explained>
      </span>
      <span>
        principal{' '}
        <Explained figure="STRETCH_REPAID" subject={subject}>
          {formatAmount(sums.principalCents)}
        </Explained>
      </span>
      {sums.extraCents > 0 && (
        <span>
          of it extra{' '}
          <Explained figure="STRETCH_EXTRA" subject={subject}>
            {formatAmount(sums.extraCents)}
          </Explained>
        </span>
      )}
      <span>
        then owed{' '}
        <Explained figure="LINE_BALANCE" subject={{ of: 'line', line: stretch.last }}>
          {formatAmount(sums.balanceCents)}
        </Explained>
      </span>
      <CopyButton label="Copy" text={text} />
      <button type="button" className="text-act font-semibold hover:underline" onClick={clear}>
        Clear
      </button>
    </p>
  )
}
