import { useQuery } from '@tanstack/react-query'
import { rateTablesQuery } from '../../api/rates'
import { formatAmount } from '../../format/amount'
import { formatPercent } from '../../format/percent'
import { useOpenCase } from '../CaseContext'
import { itemOf } from '../closingItems'
import type { Compared } from './compared'
import { pricedTableOf } from './priced'

/** What is wrong with an option, or does less than it says, with the nearest that works. */
export function ColumnNotes({ compared }: { compared: Compared }) {
  const notes = [
    ...compared.because.map(({ message }) => message),
    ...creditNotes(compared),
    ...usePointsNotes(compared),
  ]
  if (notes.length === 0) return null
  return (
    <ul className="column-problem">
      {notes.map((note) => (
        <li key={note}>
          <span aria-hidden>⚠ </span>
          {note}
        </li>
      ))}
    </ul>
  )
}

/** A seller credit pays no more than the costs that it may pay. */
function creditNotes({ answer }: Compared): string[] {
  if (!answer) return []
  const { sellerCreditUnusedCents, sellerCreditUsedCents } = answer.figures.cashToClose
  return sellerCreditUnusedCents > 0
    ? [
        `${formatAmount(sellerCreditUnusedCents)} of the seller credit cannot be used; at most ${formatAmount(sellerCreditUsedCents)} can.`,
      ]
    : []
}

/** Points for a rate that the table, which the option was priced on, does not have. */
function usePointsNotes({ option }: Compared): string[] {
  const { pricedOn } = useOpenCase().document
  const { data } = useQuery({ ...rateTablesQuery, enabled: pricedOn !== null || option.pricedAt !== null })
  const table = pricedTableOf(option, pricedOn, data?.tables ?? [])?.table
  if (!table || !itemOf(option, 'POINTS')) return []
  const lowest = Math.min(...table.offers.map(({ ratePercent }) => ratePercent))
  return option.terms.ratePercent < lowest
    ? [
        `${formatPercent(option.terms.ratePercent)} is below the rate table; its lowest rate is ${formatPercent(lowest)}.`,
      ]
    : []
}
