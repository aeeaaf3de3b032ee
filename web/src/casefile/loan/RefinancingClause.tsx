import type { OptionDocument, RefinancingDocument } from '../../api/client'
import { readAmount } from '../../entry/amount'
import { formatEntry } from '../../format/amount'
import { Choice } from '../../sentence/Choice'
import { Figure } from '../../sentence/Figure'
import { TextButton } from '../../ui/TextButton'
import { Explained } from '../../working/Explained'
import { useOpenCase } from '../CaseContext'
import { AMOUNT_STEP_CENTS, notNegative } from '../clauses/steps'
import { useWas } from '../clauses/useWas'
import { estimateWords } from '../estimate/estimateWords'
import { useOption } from '../OptionContext'
import { refinancingOf, withRefinancing } from '../option'

const COSTS_WORDS = { cash: 'costs paid in cash', loan: 'costs added to the loan' } as const

const textOf = (field: 'balanceCents' | 'cashOutCents' | 'valueCents') => (option: OptionDocument) => {
  const cents = refinancingOf(option)?.[field]
  return cents == null ? '' : formatEntry(cents)
}

/** Paying off the present loan, with debts, cash out and costs. */
export function RefinancingClause({ refinancing }: { refinancing: RefinancingDocument }) {
  const { store } = useOpenCase()
  const { change } = useOption()
  const { cashOutCents, costsFinanced, valueCents } = refinancing
  return (
    <>
      Paying off{' '}
      <AmountFigure label="Balance paid off" field="balanceCents" value={refinancing.balanceCents} />{' '}
      {valueCents !== null && (
        <>
          on a home worth {refinancing.valueEstimate && estimateWords(refinancing.valueEstimate)}{' '}
          <AmountFigure label="Home value" field="valueCents" value={valueCents} isOptional />{' '}
        </>
      )}
      <DebtsPaidOff refinancing={refinancing} />
      {cashOutCents !== null && (
        <>
          with <AmountFigure label="Cash out" field="cashOutCents" value={cashOutCents} isOptional /> cash
          out,{' '}
        </>
      )}
      with{' '}
      <Choice
        label="How the costs are paid"
        value={costsFinanced ? 'loan' : 'cash'}
        words={COSTS_WORDS}
        choose={(how) => {
          change(withRefinancing({ costsFinanced: how === 'loan' }))
          store.settle()
        }}
      />
      , borrowing{' '}
    </>
  )
}

type AmountFigureProps = {
  label: string
  field: 'balanceCents' | 'cashOutCents' | 'valueCents'
  value: number
  /** Whether an emptied text takes it out of the sentence. */
  isOptional?: boolean
}

function AmountFigure({ label, field, value, isOptional = false }: AmountFigureProps) {
  const { at, change } = useOption()
  const take = (cents: number | null) =>
    change(
      // A value that is typed is no estimate any more.
      withRefinancing({ [field]: cents, ...(field === 'valueCents' ? { valueEstimate: null } : {}) }),
    )
  return (
    <Figure
      label={label}
      pointer={`${at}/financing/${field}`}
      text={formatEntry(value)}
      was={useWas()(textOf(field))}
      read={readAmount}
      inputMode="decimal"
      take={take}
      {...(isOptional ? { clear: () => take(null) } : {})}
      nudge={(steps) => take(notNegative(value + steps * AMOUNT_STEP_CENTS))}
    />
  )
}

/** The debts that are paid off too, by name, each with the way to leave it out. */
function DebtsPaidOff({ refinancing: { debtsPaidOff } }: { refinancing: RefinancingDocument }) {
  const { document } = useOpenCase()
  const { apply } = useOption()
  const debts = debtsPaidOff.flatMap((id) => document.debts.find((debt) => debt.id === id) ?? [])
  return debts.map(({ id, name, balanceCents }) => (
    <span key={id}>
      and{' '}
      <span className="whitespace-nowrap">
        {name === '' ? 'a debt of' : name} {formatEntry(balanceCents ?? 0)}
        <span className="screen-only font-words align-middle text-xs">
          {' '}
          <TextButton
            onClick={() =>
              apply(withRefinancing({ debtsPaidOff: debtsPaidOff.filter((other) => other !== id) }))
            }
          >
            <span aria-hidden>×</span>
            <span className="sr-only">Do not pay off {name === '' ? 'this debt' : name}</span>
          </TextButton>
        </span>
      </span>{' '}
    </span>
  ))
}

/** What is borrowed: what is paid off decides it. */
export function BorrowedFigure() {
  const { figures } = useOption()
  return <Explained figure="LOAN_AMOUNT">{formatEntry(figures.baseLoanCents)}</Explained>
}
