import type { PositionView } from '../../api/client'
import { readAmount } from '../../entry/amount'
import { formatAmount, formatDifference, formatEntry } from '../../format/amount'
import { formatRatio } from '../../format/percent'
import { Figure } from '../../sentence/Figure'
import { useOpenCase } from '../CaseContext'
import { withHousehold } from './household'
import type { Held } from './useAffordability'

const DECIMALS = 2

type Row = readonly [name: string, now: string, after: string, change: string]

/** Where they stand today beside where they stand after closing, at the loan's own rate. */
export function NowAndAfter({ held: { view } }: { held: Held }) {
  const { store, document } = useOpenCase()
  const { housingTodayCents } = document.household
  const set = (cents: number | null) =>
    store.changeDocument(withHousehold(document, { housingTodayCents: cents }))
  const { now, after } = view
  return (
    <section aria-labelledby="after-heading" className="mt-8">
      <h2 id="after-heading" className="heading">
        Now and after closing
      </h2>
      <p className="font-figures mt-1 text-lg">
        Today living costs them{' '}
        <Figure
          label="What living costs today, a month"
          pointer="/household/housingTodayCents"
          text={housingTodayText(housingTodayCents, now)}
          read={readAmount}
          inputMode="decimal"
          take={set}
          clear={() => set(null)}
        />{' '}
        a month{housingTodayCents === null && now ? ', as the loan that is replaced has it' : ''}.
      </p>
      {now && (
        <table className="mt-2 w-full max-w-2xl" aria-labelledby="after-heading">
          <thead className="text-soft text-left text-[0.8125rem]">
            <tr>
              <th scope="col" className="py-1 font-medium">
                <span className="sr-only">What</span>
              </th>
              {['now', 'after', 'change'].map((column) => (
                <th key={column} scope="col" className="py-1 text-right font-medium">
                  {column}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {rowsOf(now, after).map(([name, ...cells]) => (
              <tr key={name} className="border-rule border-t">
                <th scope="row" className="py-1 text-left align-baseline font-normal">
                  {name}
                </th>
                {cells.map((cell, index) => (
                  <td
                    key={index}
                    className="font-figures py-1 pl-2 text-right align-baseline max-mid:text-[0.8125rem]"
                  >
                    {cell}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </section>
  )
}

const housingTodayText = (entered: number | null, now: PositionView | null) =>
  entered !== null ? formatEntry(entered) : now ? formatEntry(now.housingCents) : 'not said'

function rowsOf(now: PositionView, after: PositionView): Row[] {
  const amounts = (name: string, before: number, behind: number): Row => [
    name,
    formatAmount(before),
    formatAmount(behind),
    behind === before ? 'same' : formatDifference(behind - before),
  ]
  const shares = (name: string, before: number | null, behind: number | null): Row => [
    name,
    before === null ? '–' : formatRatio(before, DECIMALS),
    behind === null ? '–' : formatRatio(behind, DECIMALS),
    '',
  ]
  return [
    amounts('Housing a month', now.housingCents, after.housingCents),
    amounts('Debts a month', now.debtsCents, after.debtsCents),
    amounts('Both', now.housingCents + now.debtsCents, after.housingCents + after.debtsCents),
    shares('Housing of income', now.housingPercent, after.housingPercent),
    shares('Committed of income', now.committedPercent, after.committedPercent),
    amounts('Owed in all', now.owedCents, after.owedCents),
  ]
}
