import type { CSSProperties } from 'react'
import type { ProgrammeAnswerView, ProgrammeDocument } from '../../api/client'
import { formatAmount } from '../../format/amount'
import type { MarketWords } from '../../format/market'
import { formatPercent } from '../../format/percent'
import { useWidth } from '../../ui/useWidth'
import { Explained } from '../../working/Explained'
import { BarPiece } from '../afford/BarPiece'
import type { BarPart } from '../afford/barMarks'
import { useOpenCase } from '../CaseContext'
import { EstimatedCosts } from '../estimate/EstimatedCosts'
import { leastText } from './lettingWords'
import type { Letting } from './useLetting'

const NOTCH_CHARACTER_PX = 6.6
const MONTHS_A_YEAR = 12
const LEFT_LABEL_PX = 100

type Band = ProgrammeDocument['bands'][number]

/** The rent that counts as one bar, with what goes out laid on it, and how far it may reach as a notch. */
export function RentBar({ letting: { view, letting, programme } }: { letting: Letting }) {
  const { words } = useOpenCase()
  const [attach, width] = useWidth()
  const { chosen } = view
  const counted = chosen?.countedCents ?? letting.rentCents ?? 0
  const parts = partsOf(view.loan, chosen, words)
  const out = parts.reduce((sum, { cents }) => sum + cents, 0)
  const whole = Math.max(counted, out, 1)
  const notches = chosen && programme ? notchesOf(chosen, programme.programme.bands, counted, out) : []
  const shown = notches.filter(({ atCents }) => atCents <= whole)
  const left = counted - out
  return (
    <section aria-label="What goes out of the rent" className="mt-5" ref={attach}>
      <p className="heading">
        Rent that counts,{' '}
        {programme ? (
          <Explained figure="RENT_COUNTED" subject={{ of: 'letting', programme: programme.programme }}>
            {formatAmount(counted)}
          </Explained>
        ) : (
          formatAmount(counted)
        )}{' '}
        a month{countedNote(chosen)}; what goes out,{' '}
        <Explained figure="LET_OUTGOINGS" subject={{ of: 'letting', programme: null }}>
          {formatAmount(view.loan.totalCents)}
        </Explained>
      </p>
      <div className="income-bar" role="img" aria-label={inWords(parts, left, notches)}>
        {parts.map((part) => (
          <BarPiece key={part.name} part={part} whole={whole} width={width} />
        ))}
        {(left / whole) * width > LEFT_LABEL_PX && (
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
      <Notches notches={shown} whole={whole} width={width} />
      <EstimatedCosts />
    </section>
  )
}

type Notch = { atCents: number; text: string; isMissed: boolean }

type NotchesProps = { notches: readonly Notch[]; whole: number; width: number }

/** How far what goes out may reach in each band, where that lies on the bar, in a row in which its words have room. */
function Notches({ notches, whole, width }: NotchesProps) {
  const placed = rowsOf(notches, whole, width)
  return (
    <ul aria-label="Bands on the bar" className="income-notches">
      {placed.map(({ notch: { atCents, text, isMissed }, isLeft, row }) => (
        <li
          key={text}
          data-missed={isMissed || undefined}
          data-left={isLeft || undefined}
          style={{ left: `${(atCents / whole) * 100}%`, '--row': row } as CSSProperties}
        >
          <span>{text}</span>
        </li>
      ))}
      <li
        aria-hidden
        className="income-rows"
        style={{ '--row': Math.max(0, ...placed.map(({ row }) => row + 1)) } as CSSProperties}
      />
    </ul>
  )
}

/** Each at the left of its notch where it has room, a row further down than one that it would meet: no line crosses words. */
function rowsOf(notches: readonly Notch[], whole: number, width: number) {
  let row = 0
  let before = 0
  return notches.map((notch) => {
    const at = (notch.atCents / whole) * width
    const size = notch.text.length * NOTCH_CHARACTER_PX
    const isLeft = at >= size
    row = before > 0 && at - size < before ? row + 1 : 0
    before = at
    return { notch, isLeft, row }
  })
}

/** How far what goes out may reach in each band, from the band that asks for most to the one that asks for least. */
function notchesOf(
  chosen: ProgrammeAnswerView,
  bands: readonly Band[],
  counted: number,
  out: number,
): Notch[] {
  const least = Math.min(...bands.map(({ leastCover }) => leastCover))
  return bands
    .map(({ leastCover, loanToValuePercent }) => {
      const atCents = Math.floor(counted / leastCover)
      const isLeast = leastCover === least
      return {
        atCents,
        isMissed: isLeast && out > atCents,
        text: `${leastText(leastCover, chosen.coverUnit)}, up to ${formatPercent(loanToValuePercent)}${isLeast ? ', the programme’s least' : ''}`,
      }
    })
    .sort((one, other) => one.atCents - other.atCents)
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
      colour: loan.isInterestOnly ? 'interest-words' : 'principal',
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

const inWords = (parts: readonly BarPart[], left: number, notches: readonly Notch[]) =>
  [
    ...parts.map(({ name, cents }) => `${name} ${formatAmount(cents)}`),
    left >= 0 ? `left ${formatAmount(left)}` : `${formatAmount(-left)} more than the rent that counts`,
    ...notches.map(({ atCents, text }) => `${formatAmount(atCents)} may go out for ${text}`),
  ].join(', ')
