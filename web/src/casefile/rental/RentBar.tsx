import type { CSSProperties } from 'react'
import type { ProgrammeAnswerView } from '../../api/client'
import { formatAmount } from '../../format/amount'
import type { MarketWords } from '../../format/market'
import { formatPercent } from '../../format/percent'
import { useWidth } from '../../ui/useWidth'
import { BarPiece } from '../afford/BarPiece'
import type { BarPart } from '../afford/barMarks'
import { useOpenCase } from '../CaseContext'
import { coverText } from './lettingWords'
import type { Letting } from './useLetting'

const NOTCH_CHARACTER_PX = 6.6
const MONTHS_A_YEAR = 12

/** The rent that counts as one bar, with what goes out laid on it, and how far it may reach as a notch. */
export function RentBar({ letting: { view, letting } }: { letting: Letting }) {
  const { words } = useOpenCase()
  const [attach, width] = useWidth()
  const { chosen } = view
  const counted = chosen?.countedCents ?? letting.rentCents ?? 0
  const parts = partsOf(view.loan, chosen, words)
  const out = parts.reduce((sum, { cents }) => sum + cents, 0)
  const notch = chosen && noticeOf(chosen, counted)
  const whole = Math.max(counted, out, notch?.atCents ?? 0, 1)
  const left = counted - out
  return (
    <section aria-label="What goes out of the rent" className="mt-5" ref={attach}>
      <p className="heading">
        Rent that counts, {formatAmount(counted)} a month{countedNote(chosen)}
      </p>
      <div className="income-bar" role="img" aria-label={inWords(parts, left, notch?.text)}>
        {parts.map((part) => (
          <BarPiece key={part.name} part={part} whole={whole} width={width} />
        ))}
        {left > 0 && (
          <span className="income-left">
            left <span className="font-figures text-base">{formatAmount(left)}</span>
          </span>
        )}
        {left < 0 && (
          <span
            aria-hidden
            className="rent-end"
            style={{ left: `${(counted / whole) * 100}%` }}
            title="Here the rent ends"
          />
        )}
      </div>
      {left < 0 && (
        <p className="text-over text-xs font-semibold">
          {formatAmount(-left)} a month more goes out than the rent that counts
        </p>
      )}
      {notch && <NotchLine notch={notch} whole={whole} width={width} />}
    </section>
  )
}

type Notch = { atCents: number; text: string; isMet: boolean }

function NotchLine({
  notch: { atCents, text, isMet },
  whole,
  width,
}: {
  notch: Notch
  whole: number
  width: number
}) {
  const isLeft = (atCents / whole) * width + text.length * NOTCH_CHARACTER_PX > width
  return (
    <ul aria-label="Limits on the bar" className="income-notches">
      <li
        data-missed={!isMet || undefined}
        data-left={isLeft || undefined}
        style={{ left: `${(atCents / whole) * 100}%`, '--row': 0 } as CSSProperties}
      >
        <span>{text}</span>
      </li>
      <li aria-hidden className="income-rows" style={{ '--row': 1 } as CSSProperties} />
    </ul>
  )
}

/** How far what goes out may reach for the programme's least cover. */
function noticeOf({ leastCover, cover, coverUnit }: ProgrammeAnswerView, counted: number): Notch | null {
  if (cover === null) return null
  const ratio = coverUnit === 'INTEREST' ? leastCover / 100 : leastCover
  const atCents = Math.floor(counted / ratio)
  const isMet = cover >= leastCover
  return {
    atCents,
    isMet,
    text: `the programme’s least, ${coverText(leastCover, coverUnit)}: ${isMet ? 'met' : 'not met'}`,
  }
}

function partsOf(
  loan: Letting['view']['loan'],
  chosen: ProgrammeAnswerView | null,
  words: MarketWords,
): BarPart[] {
  if (chosen?.coverUnit === 'INTEREST' && chosen.testedRatePercent !== null) {
    const tested = Math.round((loan.loanCents * chosen.testedRatePercent) / 100 / MONTHS_A_YEAR)
    return [
      { name: `Interest at ${formatPercent(chosen.testedRatePercent)}`, cents: tested, colour: 'interest' },
    ]
  }
  return [
    {
      name: loan.isInterestOnly ? 'Interest' : 'Principal and interest',
      cents: loan.paymentCents,
      colour: loan.isInterestOnly ? 'interest' : 'principal',
    },
    { name: words.propertyTax, cents: loan.propertyTaxCents, colour: 'housing-1' },
    { name: 'Home insurance', cents: loan.homeInsuranceCents, colour: 'housing-2' },
    { name: words.dues, cents: loan.duesCents, colour: 'housing-4' },
  ].filter(({ cents }) => cents > 0)
}

const countedNote = (chosen: ProgrammeAnswerView | null) =>
  chosen?.basis && chosen.coverUnit === 'OUTGOINGS' && chosen.basis.countedPercent !== 100
    ? `, ${formatPercent(chosen.basis.countedPercent)} of it on this basis`
    : ''

const inWords = (parts: readonly BarPart[], left: number, notch: string | undefined) =>
  [
    ...parts.map(({ name, cents }) => `${name} ${formatAmount(cents)}`),
    left >= 0 ? `left ${formatAmount(left)}` : `${formatAmount(-left)} more than the rent that counts`,
    ...(notch ? [notch] : []),
  ].join(', ')
