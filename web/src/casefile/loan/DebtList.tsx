import type { DebtDocument } from '../../api/client'
import { readAmount } from '../../entry/amount'
import { nameUpTo } from '../../entry/name'
import { readRate } from '../../entry/percent'
import { ListEditor } from '../../field/ListEditor'
import { insertAfter, movedBy } from '../../field/lists'
import { formatEntry } from '../../format/amount'
import { formatPercent } from '../../format/percent'
import { Figure } from '../../sentence/Figure'
import { useOpenCase } from '../CaseContext'
import { newId } from '../newId'
import { withoutDebt } from '../afford/household'

const MOST_NAME_CHARACTERS = 60

/** What the clients owe beside the home, line by line. A refinancing can pay a debt off; else it is paid beside the loan. */
export function DebtList() {
  const { store, document } = useOpenCase()
  const { debts } = document
  const put = (changed: DebtDocument[]) => store.changeDocument({ debts: changed })
  const set = (id: string, fields: Partial<DebtDocument>) =>
    put(debts.map((debt) => (debt.id === id ? { ...debt, ...fields } : debt)))
  return (
    <ListEditor
      label="Debts"
      entries={debts}
      line={(debt) => <DebtFigures debt={debt} set={(fields) => set(debt.id, fields)} />}
      add={(after) => {
        const added = {
          id: newId(),
          name: '',
          kind: null,
          balanceCents: null,
          paymentCents: null,
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
  )
}

function DebtFigures({ debt, set }: { debt: DebtDocument; set: (fields: Partial<DebtDocument>) => void }) {
  const at = `/debts/${debt.id}`
  return (
    <>
      <Figure
        label="Name of the debt"
        placeholder="car loan"
        pointer={`${at}/name`}
        text={debt.name}
        read={nameUpTo(MOST_NAME_CHARACTERS)}
        take={(name) => set({ name })}
      />{' '}
      <Figure
        label="Balance of the debt"
        placeholder="balance"
        pointer={`${at}/balanceCents`}
        text={debt.balanceCents === null ? '' : formatEntry(debt.balanceCents)}
        read={readAmount}
        inputMode="decimal"
        take={(balanceCents) => set({ balanceCents })}
        clear={() => set({ balanceCents: null })}
        after=","
      />{' '}
      <Figure
        label="Payment of the debt a month"
        placeholder="payment"
        pointer={`${at}/paymentCents`}
        text={debt.paymentCents === null ? '' : formatEntry(debt.paymentCents)}
        read={readAmount}
        inputMode="decimal"
        take={(paymentCents) => set({ paymentCents })}
        clear={() => set({ paymentCents: null })}
      />{' '}
      a month at{' '}
      <Figure
        label="Rate of the debt"
        placeholder="rate"
        pointer={`${at}/ratePercent`}
        text={debt.ratePercent === null ? '' : formatPercent(debt.ratePercent)}
        read={readRate}
        inputMode="decimal"
        take={(ratePercent) => set({ ratePercent })}
        clear={() => set({ ratePercent: null })}
      />
    </>
  )
}
