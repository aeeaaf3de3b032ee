import type { DebtDocument, SetView } from '../../api/client'
import { readDebt } from '../../entry/debt'
import { nameUpTo } from '../../entry/name'
import { readCount } from '../../entry/count'
import { AmountField, PercentField } from '../../field/AmountField'
import { Field } from '../../field/Field'
import { formatAmount } from '../../format/amount'
import { formatDebt } from '../../format/debt'
import { formatPercent } from '../../format/percent'
import { Choice } from '../../sentence/Choice'
import { Figure } from '../../sentence/Figure'
import { TextButton } from '../../ui/TextButton'
import { useOpenCase } from '../CaseContext'
import { Labelled } from '../loan/Labelled'
import { paidOffBy, withoutPaidOff, withPaidOff } from '../option'
import { useOption } from '../OptionContext'
import { LineFields } from './LineFields'
import type { Affordability, Held } from './useAffordability'

type Why = SetView['debts'][number]['why']

const MOST_NAME_CHARACTERS = 60
const FIELDS = ['paymentCents', 'balanceCents', 'ratePercent', 'paymentsLeft'] as const

const KIND_WORDS = {
  LOAN: 'a loan',
  CARD: 'a card',
  STUDENT_LOAN: 'a student loan',
  SUPPORT: 'support',
  LEASE: 'a lease',
  BILL: 'a bill',
} as const

type DebtLineProps = {
  debt: DebtDocument
  set: (fields: Partial<DebtDocument>) => void
  affordability: Affordability
}

/** A debt as it is spoken or field by field, with what counts of it a month and why. */
export function DebtLine({ debt, set, affordability }: DebtLineProps) {
  const { store } = useOpenCase()
  const at = `/debts/${debt.id}`
  return (
    <LineFields
      name={debt.name || 'debt'}
      line={(isOpen) => (
        <Figure
          label="Debt"
          pointer={at}
          also={isOpen ? [] : FIELDS.map((field) => `${at}/${field}`)}
          text={formatDebt(debt)}
          placeholder="car 412, 31 months, 11,900"
          read={readDebt}
          take={(spoken) => set(spoken.name === debt.name ? { ...spoken, kind: debt.kind } : spoken)}
        />
      )}
      counted={<Counted debt={debt} affordability={affordability} />}
    >
      <Field
        label="What it is"
        hint="name"
        pointer={`${at}/name`}
        text={debt.name}
        read={nameUpTo(MOST_NAME_CHARACTERS)}
        take={(name) => set({ name })}
        clear={() => set({ name: '' })}
      />
      <Labelled label="Kind">
        <Choice
          label="Kind of debt"
          value={debt.kind ?? 'LOAN'}
          words={KIND_WORDS}
          choose={(kind) => {
            set({ kind })
            store.settle()
          }}
        />
      </Labelled>
      <AmountField
        label="Paid a month"
        hint="if reported"
        pointer={`${at}/paymentCents`}
        value={debt.paymentCents}
        take={(paymentCents) => set({ paymentCents })}
      />
      <AmountField
        label="Owed"
        hint="balance"
        pointer={`${at}/balanceCents`}
        value={debt.balanceCents}
        take={(balanceCents) => set({ balanceCents })}
      />
      <Field
        label="Payments left"
        hint="months"
        pointer={`${at}/paymentsLeft`}
        text={debt.paymentsLeft === null ? '' : String(debt.paymentsLeft)}
        read={readCount}
        inputMode="numeric"
        take={(paymentsLeft) => set({ paymentsLeft })}
        clear={() => set({ paymentsLeft: null })}
      />
      <PercentField
        label="Rate"
        hint="a year"
        pointer={`${at}/ratePercent`}
        value={debt.ratePercent}
        take={(ratePercent) => set({ ratePercent })}
      />
      <PayOff debt={debt} />
    </LineFields>
  )
}

/** Pays a debt off at closing, or keeps it. */
function PayOff({ debt: { id, balanceCents } }: { debt: DebtDocument }) {
  const { option, apply } = useOption()
  if (paidOffBy(option).includes(id)) {
    return <TextButton onClick={() => apply(withoutPaidOff(id))}>Keep it</TextButton>
  }
  return balanceCents ? (
    <TextButton onClick={() => apply(withPaidOff([id]))}>Pay it off at closing</TextButton>
  ) : null
}

function Counted({ debt, affordability }: { debt: DebtDocument; affordability: Affordability }) {
  const { document, chosen } = affordability
  const counted = chosen.view.debts[document.debts.findIndex(({ id }) => id === debt.id)]
  if (!counted) return null
  const notes = [whyWords(counted.why, chosen), debt.simulated ? 'from a simulated report' : '']
  const note = notes.filter((each) => each !== '').join(', ')
  return (
    <>
      {note !== '' && <span className="counted-why">{note} </span>}
      {formatAmount(counted.cents)}
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
    case 'NOTHING_KNOWN':
      return 'not known yet'
    case 'NEARLY_PAID':
      return `left out: ${set.leftOutAtMostPayments} or fewer left`
    case 'PAID_OFF':
      return 'paid off at closing'
    case 'NEVER_COUNTS':
      return 'no debt to a lender: never counts'
  }
}
