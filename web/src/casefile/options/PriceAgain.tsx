import { useQuery } from '@tanstack/react-query'
import { AnswerButton } from '../../answer/AnswerButton'
import { AnswerScope } from '../../answer/AnswerScope'
import { useAnswer } from '../../answer/useAnswer'
import { rateOffersQuery, rateTablesQuery } from '../../api/rates'
import { formatPercent } from '../../format/percent'
import { useOpenCase } from '../CaseContext'
import { useOption } from '../OptionContext'
import type { Compared } from './compared'
import { pricedAs, pricedAtOf, pricedTableOf, repricing, tableRateOf } from './priced'

/** Tells where the rate table asks something else for an option than it was priced for, and prices it again. */
export function PriceAgain({ compared: { option, answer } }: { compared: Compared }) {
  const { store, document } = useOpenCase()
  const { answered } = useOption()
  const was = pricedAtOf(option)
  const tableRate = tableRateOf(option)
  const { data } = useQuery({ ...rateTablesQuery, enabled: was !== null })
  const index = answered.document.options.findIndex(({ id }) => id === option.id)
  const isAsked = was !== null && index >= 0
  const priced = isAsked ? pricedTableOf(option, document.pricedOn, data?.tables ?? []) : null
  const table = priced?.table ?? null
  const offers = useAnswer(
    rateOffersQuery({ document: answered.document, index }, { table }),
    answered.document,
  )
  if (was === null || table === null || !answer || !offers.value) return null
  const offer = offers.value.offers.find(({ ratePercent }) => ratePercent === tableRate)
  const now = offer && {
    tableId: priced?.id ?? null,
    ratePercent: offer.ratePercent,
    pointsPercent: offer.pointsPercent,
    loanToValuePercent: answer.figures.loanToValuePercent,
    score: document.household.score,
  }
  const said = now
    ? repricing(was, now)
    : `Priced for ${formatPercent(was.ratePercent)}; the table has no ${formatPercent(tableRate)}.`
  if (said === null) return null
  return (
    <AnswerScope of={offers}>
      <p className="column-problem">
        <span aria-hidden>⚠ </span>
        {said}{' '}
        {now && (
          <AnswerButton
            onClick={() => {
              store.settle()
              store.changeOption(option.id, pricedAs(now))
              store.settle()
            }}
          >
            Price again
          </AnswerButton>
        )}
      </p>
    </AnswerScope>
  )
}
