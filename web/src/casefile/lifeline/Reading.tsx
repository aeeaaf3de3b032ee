import { TextButton } from '../../ui/TextButton'
import { formatAmount } from '../../format/amount'
import { formatDay } from '../../format/date'
import { Explained } from '../../working/Explained'
import { CopyButton } from '../../ui/CopyButton'
import { useOpenCase } from '../CaseContext'
import { COLUMN_KEYS, columnsOf } from './columns'
import { sumsOf, type Life, type PaymentRange, type Sums } from './life'
import { asTabbed, textRows } from './table'

/** What the marker stands at, in words, as a screen reader speaks it. */
export function markerWords({ schedule }: Life, sums: Sums, locale: string): string {
  const date = formatDay(schedule.dates[sums.last - 1] ?? '', locale)
  const equity = sums.equityCents === null ? '' : `, equity ${formatAmount(sums.equityCents)}`
  return (
    `${date}, payment ${sums.last}: balance ${formatAmount(sums.balanceCents)}, ` +
    `interest so far ${formatAmount(sums.interestCents)}, principal paid ${formatAmount(sums.principalCents)}${equity}`
  )
}

type MarkerReadingProps = { life: Life; marker: number }

/** The figures at the marker. */
export function MarkerReading({ life, marker }: MarkerReadingProps) {
  const { locale } = useOpenCase()
  const sums = sumsOf(life, 1, marker)
  const own = sumsOf(life, marker, marker)
  const line = { of: 'line', line: marker } as const
  const soFar = { of: 'range', first: 1, last: marker } as const
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
          balance{' '}
          <Explained figure="LINE_BALANCE" subject={line}>
            {formatAmount(sums.balanceCents)}
          </Explained>
        </span>
        <span className="text-interest-words">
          interest so far{' '}
          <Explained figure="RANGE_INTEREST" subject={soFar}>
            {formatAmount(sums.interestCents)}
          </Explained>
        </span>
        <span className="text-principal">
          principal paid{' '}
          <Explained figure="RANGE_PRINCIPAL_PAID" subject={soFar}>
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

type RangeReadingProps = { life: Life; range: PaymentRange; clear: () => void }

/** The sums of a range. */
export function RangeReading({ life, range, clear }: RangeReadingProps) {
  const { words } = useOpenCase()
  const sums = sumsOf(life, range.first, range.last)
  const subject = { of: 'range', ...range } as const
  const all = columnsOf(words)
  const text = () =>
    asTabbed(
      textRows(
        life,
        COLUMN_KEYS.map((key) => all[key]),
        range,
      ),
    )
  return (
    <p
      className="mt-1.5 flex flex-wrap items-baseline gap-x-3 text-[0.8125rem]"
      data-testid="range-reading"
      aria-live="polite"
    >
      <span className="text-act font-semibold">
        {range.first === range.last ? `Payment ${range.first}` : `Payments ${range.first} to ${range.last}`}
      </span>
      <span>
        interest{' '}
        <Explained figure="RANGE_INTEREST" subject={subject}>
          {formatAmount(sums.interestCents)}
        </Explained>
      </span>
      <span>
        principal{' '}
        <Explained figure="RANGE_PRINCIPAL_PAID" subject={subject}>
          {formatAmount(sums.principalCents)}
        </Explained>
      </span>
      {sums.extraCents > 0 && (
        <span>
          including extra{' '}
          <Explained figure="RANGE_EXTRA" subject={subject}>
            {formatAmount(sums.extraCents)}
          </Explained>
        </span>
      )}
      <span>
        balance after{' '}
        <Explained figure="LINE_BALANCE" subject={{ of: 'line', line: range.last }}>
          {formatAmount(sums.balanceCents)}
        </Explained>
      </span>
      <CopyButton label="Copy" text={text} />
      <TextButton onClick={clear}>Clear</TextButton>
    </p>
  )
}
