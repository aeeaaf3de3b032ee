import { useRef, useState, type KeyboardEvent } from 'react'
import { gridQuery, type GridAcross } from '../../api/answers'
import type { GridCellView } from '../../api/client'
import { formatAmount } from '../../format/amount'
import { formatPercent } from '../../format/percent'
import { formatTerm, shortTerm } from '../../format/term'
import { RadioChoice } from '../../ui/RadioChoice'
import { AnswerScope, AnswerStatus } from '../../answer/AnswerScope'
import { useAnswer } from '../../answer/useAnswer'
import { useOpenCase } from '../CaseContext'
import { addOption, MOST_OPTIONS } from '../options'
import { useOption } from '../OptionContext'
import { atLevelPayment, purchaseOf, share, withPurchase, withTerms, type OptionChange } from '../option'
import { titleOf } from '../differences'

type Measure = 'paymentCents' | 'totalInterestCents' | 'costCents'

const MEASURES: readonly [Measure, string][] = [
  ['paymentCents', 'payment'],
  ['totalInterestCents', 'total interest'],
  ['costCents', 'all-in cost'],
]

/** What the shown option would come to at other rates, over other terms or with other shares down. */
export function Grid() {
  const { store, document, words, locale } = useOpenCase()
  const { option, baseline, answered, figures } = useOption()
  const [wanted, setAcross] = useState<GridAcross>('TERM')
  const [measure, setMeasure] = useState<Measure>('paymentCents')
  const isPurchase = purchaseOf(option) !== null
  const across = isPurchase ? wanted : 'TERM'
  const grid = useAnswer(gridQuery(answered, across), answered.document)
  const isFull = document.options.length >= MOST_OPTIONS
  const own = across === 'TERM' ? option.terms.amortizationMonths : figures.downPercent
  const choose = (cell: GridCellView) =>
    store.changeOptions(addOption(option.id, changeTo(cell, across, own)))
  return (
    <section className="screen-only mt-7" aria-labelledby="grid-heading">
      <div className="flex flex-wrap items-baseline justify-between gap-x-6">
        <h2 id="grid-heading" className="heading">
          {titleOf(baseline, option, locale, words)} at other rates and{' '}
          {across === 'TERM' ? 'terms' : `${words.downPayment.toLowerCase()}s`}
        </h2>
        <div className="flex flex-wrap gap-x-5">
          {isPurchase && (
            <RadioChoice
              label="Across"
              value={across}
              choices={[
                ['TERM', 'term'],
                ['DOWN_PAYMENT', words.downPayment.toLowerCase()],
              ]}
              choose={setAcross}
            />
          )}
          <RadioChoice label="Measure" value={measure} choices={MEASURES} choose={setMeasure} />
        </div>
      </div>
      <AnswerStatus of={grid} />
      {grid.value && (
        <AnswerScope of={grid}>
          <Cells
            rows={grid.value.rows}
            across={grid.value.across}
            measure={measure}
            isOwn={({ ratePercent, across: place }) =>
              ratePercent === option.terms.ratePercent && place === own
            }
            choose={isFull || !grid.isCurrent ? null : choose}
          />
        </AnswerScope>
      )}
      <p className="text-soft mt-1 text-xs">
        {isFull ? 'A case holds six options at the most.' : 'Press a figure to make it an option.'}
      </p>
    </section>
  )
}

/** What a place makes of the option; in the column of its own share, the money down stays as it was given. */
const changeTo =
  ({ ratePercent, across: place }: GridCellView, across: GridAcross, own: number | null): OptionChange =>
  (option) => {
    if (place === own && ratePercent === option.terms.ratePercent) return option
    const priced = withTerms({ ratePercent })(atLevelPayment(option))
    if (place === own) return priced
    return across === 'TERM'
      ? withTerms({
          amortizationMonths: place,
          rateTermMonths:
            option.terms.rateTermMonths === null ? null : Math.min(place, option.terms.rateTermMonths),
        })(priced)
      : withPurchase({ down: share(place) })(priced)
  }

type CellsProps = {
  rows: readonly (readonly GridCellView[])[]
  across: GridAcross
  measure: Measure
  isOwn: (cell: GridCellView) => boolean
  choose: ((cell: GridCellView) => void) | null
}

const MOVES: Record<string, readonly [row: number, column: number]> = {
  ArrowUp: [-1, 0],
  ArrowDown: [1, 0],
  ArrowLeft: [0, -1],
  ArrowRight: [0, 1],
}

/** Rates down, terms or shares across; one Tab stop, arrows go from figure to figure. */
function Cells({ rows, across, measure, isOwn, choose }: CellsProps) {
  const table = useRef<HTMLTableElement>(null)
  const [stop, setStop] = useState<readonly [number, number] | null>(null)
  const ownRow = rows.findIndex((row) => row.some(isOwn))
  const start: readonly [number, number] = [
    Math.max(0, ownRow),
    Math.max(0, rows[ownRow]?.findIndex(isOwn) ?? 0),
  ]
  const [atRow, atColumn] = stop ?? start
  const onKeyDown = (event: KeyboardEvent) => {
    const move = MOVES[event.key]
    if (!move || event.altKey || event.ctrlKey || event.metaKey) return
    const next = table.current?.querySelector<HTMLElement>(
      `[data-place="${atRow + move[0]}-${atColumn + move[1]}"]`,
    )
    if (!next) return
    event.preventDefault()
    next.focus()
  }
  const placeWords = (place: number) => (across === 'TERM' ? shortTerm(place) : formatPercent(place))
  return (
    <div className="mt-1.5 overflow-x-auto">
      <table
        ref={table}
        role="grid"
        className="rate-grid"
        aria-labelledby="grid-heading"
        onKeyDown={onKeyDown}
      >
        <thead>
          <tr>
            <th scope="col">
              <span className="sr-only">Rate</span>
            </th>
            {rows[0]?.map(({ across: place }) => (
              <th key={place} scope="col">
                {placeWords(place)}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map((row, rowIndex) => (
            <tr key={row[0]?.ratePercent}>
              <th scope="row">{formatPercent(row[0]?.ratePercent ?? 0)}</th>
              {row.map((cell, columnIndex) => (
                <td key={cell.across} role="gridcell">
                  <button
                    type="button"
                    data-place={`${rowIndex}-${columnIndex}`}
                    data-own={isOwn(cell) || undefined}
                    tabIndex={rowIndex === atRow && columnIndex === atColumn ? 0 : -1}
                    aria-disabled={choose === null || cell[measure] === null || isOwn(cell)}
                    title={cell.because.map(({ message }) => message).join(' ') || undefined}
                    aria-label={cellWords(cell, across, measure, isOwn(cell))}
                    onFocus={() => setStop([rowIndex, columnIndex])}
                    onClick={() => {
                      if (cell[measure] !== null && !isOwn(cell)) choose?.(cell)
                    }}
                  >
                    {cell[measure] === null ? '–' : formatAmount(cell[measure])}
                  </button>
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  )
}

/** A figure with its place: 6.125 %, 15 years: 3,026.07. */
function cellWords(cell: GridCellView, across: GridAcross, measure: Measure, isOwn: boolean): string {
  const place = across === 'TERM' ? formatTerm(cell.across) : `${formatPercent(cell.across)} down`
  const figure =
    cell[measure] === null
      ? cell.because.map(({ message }) => message).join(' ')
      : formatAmount(cell[measure])
  return `${formatPercent(cell.ratePercent)}, ${place}: ${figure}${isOwn ? ', as it stands' : ''}`
}
