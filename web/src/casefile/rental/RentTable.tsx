import { useIsCurrent } from '../../answer/current'
import type { LendingView, LettingBasis, ProgrammeAnswerView } from '../../api/client'
import { formatEntry } from '../../format/amount'
import { formatDay } from '../../format/date'
import { formatPercent } from '../../format/percent'
import { useOpenCase } from '../CaseContext'
import { atLevelPayment, withLoan, withTerms, type OptionChange } from '../option'
import { useOption } from '../OptionContext'
import { addOption, MOST_OPTIONS } from '../options'
import { BASES, bindingWords, coverText, leastText, lentWords } from './lettingWords'
import type { Letting } from './useLetting'

type Row = ProgrammeAnswerView['table'][number]
type Cell = Row['cells'][number]

/** What a programme lends on each letting basis at each rent, and what keeps it from more; a cell becomes an option. */
export function RentTable({ letting: { letting, view, programme } }: { letting: Letting }) {
  const { locale } = useOpenCase()
  const { chosen } = view
  if (chosen === null || programme === null) return <div />
  const { programme: terms } = programme
  return (
    <section aria-labelledby="rent-table-heading">
      <h2 id="rent-table-heading" className="heading">
        Most lent, by rent and letting basis
      </h2>
      <div className="overflow-x-auto" role="region" aria-label="Most lent, as a table" tabIndex={0}>
        <table className="rent-table">
          <thead>
            <tr>
              <th scope="col">Let</th>
              {headsOf(letting).map(([name, cents]) => (
                <th key={name} scope="col">
                  {name} {formatEntry(cents)}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {chosen.table.map((row) => (
              <tr key={row.basis} data-own={row.basis === letting.basis || undefined}>
                <th scope="row">
                  {BASES[row.basis]}
                  <span className="text-soft block text-xs font-normal">{termsWords(row, chosen)}</span>
                </th>
                {row.cells.map((cell) => (
                  <td key={cell.rentCents}>
                    <LendingCell cell={cell} basis={row.basis} unit={chosen.coverUnit} />
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <p className="text-soft mt-1 text-xs">
        The cover is that of the loan as it is. {bandWords(terms)}. {terms.source},{' '}
        {formatDay(terms.day, locale)}.
      </p>
    </section>
  )
}

const headsOf = ({ lowRentCents, rentCents, highRentCents }: Letting['letting']) =>
  [
    ['low', lowRentCents],
    ['likely', rentCents],
    ['high', highRentCents],
  ].filter((each): each is [string, number] => each[1] !== null)

const termsWords = ({ terms }: Row, { coverUnit }: ProgrammeAnswerView) =>
  [
    ...(coverUnit === 'OUTGOINGS' ? [`${formatPercent(terms.countedPercent)} of the rent`] : []),
    `up to ${formatPercent(terms.loanToValuePercent)}`,
    ...(terms.leastScore === null ? [] : [`score from ${terms.leastScore}`]),
  ].join(', ')

const bandWords = ({ bands, cover }: NonNullable<Letting['programme']>['programme']) =>
  `From a cover of ${bands
    .map(
      ({ leastCover, loanToValuePercent, addOnPercent }) =>
        `${leastText(leastCover, cover)} up to ${formatPercent(loanToValuePercent)}${addOnPercent === 0 ? '' : ` at ${formatPercent(addOnPercent)} more`}`,
    )
    .join(', ')}`

type LendingCellProps = { cell: Cell; basis: LettingBasis; unit: ProgrammeAnswerView['coverUnit'] }

function LendingCell({ cell: { rentCents, cover, lending }, basis, unit }: LendingCellProps) {
  const { store, document, words } = useOpenCase()
  const { option } = useOption()
  const isCurrent = useIsCurrent()
  const isFull = document.options.length >= MOST_OPTIONS
  const { loanCents, downCents } = lending
  const said = `${BASES[basis]} at ${formatEntry(rentCents)}: ${lentWords(lending)}, ${bindingWords(lending)}`
  return (
    <>
      {loanCents === null ? (
        <b className="text-soft">nothing</b>
      ) : (
        <button
          type="button"
          className="rent-cell"
          disabled={isFull}
          aria-disabled={!isCurrent || undefined}
          aria-label={`Add as option, ${said}`}
          onClick={() => isCurrent && store.changeOptions(addOption(option.id, taking(lending)))}
        >
          {formatEntry(loanCents)}
        </button>
      )}
      {loanCents !== null && (
        <span className="block text-xs">
          at {formatPercent(lending.ratePercent ?? 0)}
          {downCents !== null && `, ${formatEntry(downCents)} ${words.down}`}
        </span>
      )}
      <span className="text-soft block text-xs">
        {cover !== null && `${coverText(cover, unit)}; `}
        {bindingWords(lending)}
      </span>
    </>
  )
}

/** The loan that is lent, at its rate; what the band adds is kept, so that it is not added again. */
export const taking =
  ({ loanCents, ratePercent, addOnPercent }: LendingView): OptionChange =>
  (option) =>
    withLoan(loanCents ?? 0)(
      withTerms({
        ratePercent: ratePercent ?? option.terms.ratePercent,
        lettingAddOnPercent: addOnPercent === 0 ? null : addOnPercent,
      })(atLevelPayment(option)),
    )
