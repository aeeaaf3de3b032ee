import type { ProgrammeAnswerView, ProgrammeDocument } from '../../api/client'
import { formatAmount } from '../../format/amount'
import type { MarketWords } from '../../format/market'
import { formatPercent } from '../../format/percent'
import { TakePicture } from '../../picture/TakePicture'
import { useWidth } from '../../ui/useWidth'
import { Explained } from '../../working/Explained'
import { BarNotches, type BarNotch } from '../afford/BarNotches'
import { barSvg } from '../afford/barSvg'
import { BarPiece } from '../afford/BarPiece'
import type { BarPart } from '../afford/barMarks'
import { useOpenCase } from '../CaseContext'
import { EstimatedCosts } from '../estimate/EstimatedCosts'
import { leastText } from './lettingWords'
import type { Letting } from './useLetting'

const LEFT_LABEL_PX = 100

type Band = ProgrammeDocument['bands'][number]

/** The rent that counts as one bar, with what goes out laid on it, and how far it may reach as a notch. */
export function RentBar({ letting: { view, letting, programme } }: { letting: Letting }) {
  const { words, document } = useOpenCase()
  const [attach, width] = useWidth()
  const { chosen } = view
  const counted = chosen?.countedCents ?? letting.rentCents ?? 0
  const parts = partsOf(view.loan, chosen, words)
  const out = parts.reduce((sum, { cents }) => sum + cents, 0)
  const whole = Math.max(counted, out, 1)
  const notches =
    chosen && programme ? notchesOf(chosen.coverUnit, programme.programme.bands, counted, out) : []
  const shown = notches.filter(({ atCents }) => atCents <= whole)
  const left = counted - out
  return (
    <section aria-label="What goes out of the rent" className="mt-5" ref={attach}>
      <div className="flex items-baseline justify-between gap-4">
        <p className="heading">
          Rent that counts,{' '}
          {programme ? (
            <Explained figure="RENT_COUNTED" subject={{ of: 'letting', programme: programme.programme }}>
              {formatAmount(counted)}
            </Explained>
          ) : (
            formatAmount(counted)
          )}{' '}
          a month{countedNote(chosen)}
          {chosen?.testedInterestCents == null && (
            <>
              ; what goes out,{' '}
              <Explained figure="LET_OUTGOINGS" subject={{ of: 'letting', programme: null }}>
                {formatAmount(view.loan.totalCents)}
              </Explained>
            </>
          )}
        </p>
        <TakePicture
          title={document.title}
          name="Committed of the rent"
          draw={() =>
            barSvg({
              title: document.title,
              about: `Rent that counts, ${formatAmount(counted)} a month${countedNote(chosen)}`,
              parts,
              whole,
              notches: shown,
            })
          }
        />
      </div>
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
          {formatAmount(-left)} a month more is to be covered than the rent that counts
        </p>
      )}
      <BarNotches label="Bands on the bar" notches={shown} whole={whole} width={width} />
      <EstimatedCosts />
    </section>
  )
}

/** How far what goes out may reach in each band. */
function notchesOf(
  unit: ProgrammeAnswerView['coverUnit'],
  bands: readonly Band[],
  counted: number,
  out: number,
): BarNotch[] {
  const least = Math.min(...bands.map(({ leastCover }) => leastCover))
  return bands.map(({ id, leastCover, loanToValuePercent }) => {
    const atCents = Math.floor(counted / leastCover)
    const isLeast = leastCover === least
    return {
      key: id,
      atCents,
      isMissed: isLeast && out > atCents,
      text: `${leastText(leastCover, unit)}, up to ${formatPercent(loanToValuePercent)}${isLeast ? ', the programme’s least' : ''}`,
    }
  })
}

function partsOf(
  loan: Letting['view']['loan'],
  chosen: ProgrammeAnswerView | null,
  words: MarketWords,
): BarPart[] {
  if (chosen?.testedInterestCents != null && chosen.testedRatePercent !== null) {
    return [
      {
        name: `Interest at ${formatPercent(chosen.testedRatePercent)}`,
        cents: chosen.testedInterestCents,
        colour: 'interest-words',
      },
    ]
  }
  const parts: BarPart[] = [
    {
      name: loan.isInterestOnly ? 'Interest' : 'Principal and interest',
      cents: loan.paymentCents,
      colour: loan.isInterestOnly ? 'interest-words' : 'principal',
    },
    { name: words.propertyTax, cents: loan.propertyTaxCents, colour: 'housing-1' },
    { name: 'Home insurance', cents: loan.homeInsuranceCents, colour: 'housing-2' },
    { name: words.dues, cents: loan.duesCents, colour: 'housing-4' },
  ]
  return parts.filter(({ cents }) => cents > 0)
}

const countedNote = (chosen: ProgrammeAnswerView | null) =>
  chosen?.basis && chosen.coverUnit === 'OUTGOINGS' && chosen.basis.countedPercent !== 100
    ? `, ${formatPercent(chosen.basis.countedPercent)} of it on this basis`
    : ''

const inWords = (parts: readonly BarPart[], left: number, notches: readonly BarNotch[]) =>
  [
    ...parts.map(({ name, cents }) => `${name} ${formatAmount(cents)}`),
    left >= 0 ? `left ${formatAmount(left)}` : `${formatAmount(-left)} more than the rent that counts`,
    ...notches.map(({ atCents, text }) => `${formatAmount(atCents)} may go out for ${text}`),
  ].join(', ')
