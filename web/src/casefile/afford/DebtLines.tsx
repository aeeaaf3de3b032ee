import type { DebtDocument } from '../../api/client'
import { ListEditor } from '../../field/ListEditor'
import { insertAfter, movedBy } from '../../field/lists'
import { useOpenCase } from '../CaseContext'
import { newId } from '../newId'
import { DebtLists } from './DebtLists'
import { DebtLine } from './DebtLine'
import { withoutDebt } from './household'
import type { Affordability } from './useAffordability'

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
          <DebtLine
            debt={debt}
            set={(fields) =>
              put(debts.map((each) => (each.id === debt.id ? { ...each, simulated: null, ...fields } : each)))
            }
            affordability={affordability}
          />
        )}
        add={(after) => {
          const added: DebtDocument = {
            id: newId(),
            name: '',
            kind: null,
            paymentCents: null,
            balanceCents: null,
            ratePercent: null,
            paymentsLeft: null,
            simulated: null,
          }
          put(insertAfter(debts, added, after))
          return added.id
        }}
        remove={(id) => store.changeDocument(withoutDebt(document, id))}
        move={(id, by) => put(movedBy(debts, id, by))}
        addWords="Add a debt"
      />
      <p className="text-soft text-xs">
        Debts to lenders count, and support that a court ordered. Utilities, phone and insurance never do.
      </p>
      <DebtLists />
    </section>
  )
}
