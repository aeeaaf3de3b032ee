import type { DebtDocument, SetView } from '../../api/client'
import { readDebt } from '../../entry/debt'
import { ListEditor } from '../../field/ListEditor'
import { insertAfter, movedBy } from '../../field/lists'
import { formatAmount } from '../../format/amount'
import { formatDebt } from '../../format/debt'
import { formatPercent } from '../../format/percent'
import { Figure } from '../../sentence/Figure'
import { useOpenCase } from '../CaseContext'
import { newId } from '../newId'
import { withoutDebt } from './household'
import type { Affordability, Held } from './useAffordability'

type Why = SetView['debts'][number]['why']

/** What they owe, a line a debt, typed as it is spoken, with what counts of it a month and why. */
export function DebtLines({ affordability }: { affordability: Affordability }) {
  const { store, document } = useOpenCase()
  const { debts } = document
  const put = (changed: DebtDocument[]) => store.changeDocument({ debts: changed })
  return (
    <section aria-labelledby="debts-heading">
      <div className="flex justify-between">
        <h2 id="debts-heading" className="heading">
          Debts
        </h2>
        <span className="heading">counted a month</span>
      </div>
      <ListEditor
        label="Debts"
        entries={debts}
        line={(debt) => (
          <span className="counted-line">
            <Figure
              label="Debt"
              pointer={`/debts/${debt.id}`}
              also={['paymentCents', 'balanceCents', 'ratePercent', 'paymentsLeft'].map(
                (field) => `/debts/${debt.id}/${field}`,
              )}
              text={formatDebt(debt)}
              read={readDebt}
              take={(spoken) =>
                put(debts.map((each) => (each.id === debt.id ? { ...each, ...spoken } : each)))
              }
            />
            <Counted id={debt.id} affordability={affordability} />
          </span>
        )}
        add={(after) => {
          const added: DebtDocument = {
            id: newId(),
            name: 'car',
            kind: 'LOAN',
            paymentCents: 300_00,
            balanceCents: null,
            ratePercent: null,
            paymentsLeft: null,
          }
          put(insertAfter(debts, added, after))
          return added.id
        }}
        remove={(id) => store.changeDocument(withoutDebt(document, id))}
        move={(id, by) => put(movedBy(debts, id, by))}
        addWords="Add a debt"
      />
    </section>
  )
}

function Counted({ id, affordability }: { id: string; affordability: Affordability }) {
  const { document, chosen } = affordability
  const counted = chosen.view.debts[document.debts.findIndex((debt) => debt.id === id)]
  if (!counted) return null
  const why = whyWords(counted.why, chosen)
  return (
    <>
      {why !== '' && <span className="counted-why">{why}</span>}
      <span className="counted">{formatAmount(counted.cents)}</span>
    </>
  )
}

/** Why a debt counts what it counts, where that is not its payment. */
function whyWords(why: Why, { set }: Held): string {
  switch (why) {
    case 'PAYMENT':
      return ''
    case 'SHARE_OF_BALANCE':
      return `no payment: ${formatPercent(set.balanceSharePercent)} of the balance`
    case 'NEARLY_PAID':
      return `left out: ${set.leftOutAtMostPayments} or fewer left`
    case 'PAID_OFF':
      return 'paid off at closing'
    case 'NEVER_COUNTS':
      return 'no debt to a lender: never counts'
  }
}
