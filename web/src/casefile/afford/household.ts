import type { CaseDocument, DebtDocument, HouseholdDocument, IncomeDocument } from '../../api/client'
import { newId } from '../newId'
import { withoutPaidOff } from '../option'

/** A case whose people are as said otherwise. */
export const withHousehold = (
  document: CaseDocument,
  fields: Partial<HouseholdDocument>,
): Partial<CaseDocument> => ({
  household: { ...document.household, ...fields },
})

/** The incomes of a person; of null, those that are nobody's in particular. */
export const incomesOf = ({ household }: CaseDocument, person: string | null): IncomeDocument[] =>
  household.incomes.filter((income) => income.person === person)

/** A case without a person, and without what they earn. */
export const withoutPerson = (document: CaseDocument, id: string): Partial<CaseDocument> =>
  withHousehold(document, {
    people: document.household.people.filter((person) => person.id !== id),
    incomes: document.household.incomes.filter(({ person }) => person !== id),
  })

/** A case without a debt: no option can pay off one that is gone. */
export const withoutDebt = (document: CaseDocument, id: string): Partial<CaseDocument> => ({
  options: document.options.map(withoutPaidOff(id)),
  debts: document.debts.filter((debt) => debt.id !== id),
})

/** A case whose debts of an earlier report have given way to those of a new one; what was typed stays. */
export function withReportedDebts(
  document: CaseDocument,
  reported: readonly DebtDocument[],
): Partial<CaseDocument> {
  const earlier = document.debts.filter(({ simulated }) => simulated)
  const others = earlier.reduce<CaseDocument>(
    (without, { id }) => ({ ...without, ...withoutDebt(without, id) }),
    document,
  )
  return {
    options: others.options,
    debts: [...others.debts, ...reported.map((debt) => ({ ...debt, id: newId() }))],
  }
}

const PER: Record<NonNullable<IncomeDocument['per']>, string> = {
  YEARLY: 'year',
  QUARTERLY: 'quarter',
  MONTHLY: 'month',
  SEMI_MONTHLY: 'half month',
  BIWEEKLY: 'two weeks',
  WEEKLY: 'week',
}

/** Incomes as the lines of a table that can be read back. */
export const incomeRows = (incomes: readonly IncomeDocument[]): string[][] => [
  ['income', 'amount', 'per', 'hours', 'counted'],
  ...incomes.map(({ name, cents, per, hoursPerWeek, countedPercent }) => [
    name,
    units(cents),
    per === null ? 'hour' : PER[per],
    text(hoursPerWeek),
    text(countedPercent),
  ]),
]

const KINDS: Record<NonNullable<DebtDocument['kind']>, string> = {
  LOAN: 'loan',
  CARD: 'card',
  STUDENT_LOAN: 'student loan',
  SUPPORT: 'support',
  LEASE: 'lease',
  BILL: 'bill',
}

/** Debts as the lines of a table that can be read back. */
export const debtRows = (debts: readonly DebtDocument[]): string[][] => [
  ['debt', 'kind', 'payment', 'balance', 'months left', 'rate'],
  ...debts.map(({ name, kind, paymentCents, balanceCents, paymentsLeft, ratePercent }) => [
    name,
    KINDS[kind ?? 'LOAN'],
    units(paymentCents),
    units(balanceCents),
    text(paymentsLeft),
    text(ratePercent),
  ]),
]

const text = (value: number | null) => (value === null ? '' : String(value))
const units = (cents: number | null) => (cents === null ? '' : (cents / 100).toFixed(2))
