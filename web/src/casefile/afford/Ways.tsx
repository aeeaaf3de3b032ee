import type { DebtDocument, FitView } from '../../api/client'
import { formatAmount } from '../../format/amount'
import { TextButton } from '../../ui/TextButton'
import { useOpenCase } from '../CaseContext'
import { useOption } from '../OptionContext'
import { addOption, MOST_OPTIONS } from '../options'
import { loanFits, waysOf, type Way } from './leverWords'
import type { Held } from './useAffordability'

/** What would make it fit, each by itself: as a sentence with its solved figure, and taken by one action. */
export function Ways({ held }: { held: Held }) {
  const { document, words } = useOpenCase()
  const { option, figures } = useOption()
  const { fit, readings } = held.view
  if (readings.some(({ unknown }) => unknown === 'NO_INCOME')) return null
  const fits = loanFits(readings)
  const ways = waysOf({ option, figures, words, fit, fits })
  return (
    <section aria-labelledby="ways-heading" className="mt-8">
      <h2 id="ways-heading" className="heading">
        {fits ? 'It fits up to any one of these' : 'Any one of these makes it fit'}
      </h2>
      <ul aria-label="Ways to make it fit">
        {ways.map((way) => (
          <WayLine key={way.key} way={way} />
        ))}
        {besideWays(fit, document.debts).map((way) => (
          <WayLine key={way.key} way={way} />
        ))}
      </ul>
    </section>
  )
}

function WayLine({ way }: { way: Way }) {
  const { store, document } = useOpenCase()
  const { option, apply } = useOption()
  const { change } = way
  const [before, figure, behind] = way.words
  const isFull = document.options.length >= MOST_OPTIONS
  const name = [before, figure, behind].filter((each) => each !== '').join(' ')
  return (
    <li className="border-rule flex flex-wrap items-baseline justify-between gap-x-6 border-b py-2">
      <span>
        <span className="font-figures text-lg">
          {before} <b>{figure}</b> {behind}
        </span>
        {way.note !== '' && <span className="text-soft ml-3 text-[0.8125rem]">{way.note}</span>}
      </span>
      {change && (
        <span className="screen-only flex gap-x-5">
          <TextButton onClick={() => apply(change)}>
            Apply<span className="sr-only">: {name}</span>
          </TextButton>
          <TextButton
            disabled={isFull}
            onClick={() => store.changeOptions(addOption(document.options, option, change))}
          >
            {isFull ? 'Six options at the most' : 'Add as option'}
            <span className="sr-only">: {name}</span>
          </TextButton>
        </span>
      )}
    </li>
  )
}

/** What is missing beside the loan: debts that could be paid off, income, money in reserve. */
function besideWays(fit: FitView, debts: readonly DebtDocument[]): Way[] {
  const nameOf = (id: string) => debts.find((debt) => debt.id === id)?.name ?? 'a debt'
  const { fewestDebts, cheapestDebts, missingIncomeCents, missingReservesCents } = fit
  const sets = [fewestDebts, cheapestDebts].flatMap((each) => (each && each.debts.length > 0 ? [each] : []))
  const distinct = sets.filter(
    (each, index) => sets.findIndex(({ debts: ids }) => ids.join() === each.debts.join()) === index,
  )
  return [
    ...distinct.map((each) => ({
      key: `debts ${each.debts.join()}`,
      words: [
        'Paying off',
        each.debts.map(nameOf).join(' and '),
        `with ${formatAmount(each.cashCents)}`,
      ] as const,
      note: `${formatAmount(each.monthlyCents)} a month less${each.covered ? '' : ', more cash than they have left'}`,
      size: 0,
    })),
    ...(missingIncomeCents === null || missingIncomeCents === 0
      ? []
      : [
          {
            key: 'income',
            words: ['Income of', formatAmount(missingIncomeCents), 'more a month'] as const,
            note: '',
            size: 0,
          },
        ]),
    ...(missingReservesCents === 0
      ? []
      : [
          {
            key: 'reserves',
            words: ['Beside it,', formatAmount(missingReservesCents), 'more in reserve'] as const,
            note: 'no change of the loan meets this by itself',
            size: 0,
          },
        ]),
  ]
}
