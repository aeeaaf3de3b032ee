import type { CaseDocument, DebtDocument, HouseholdDocument, IncomeDocument } from '../../api/client'
import type { SpokenIncome } from '../../entry/income'
import { newId } from '../newId'
import { withoutPaidOff } from '../option'

/** An income of a list, with the name of whose it is where the list says so. */
export type ListedIncome = { income: SpokenIncome; person: string | null }

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

/**
 * A case with what a list adds to its incomes, each with the person whose name the list gives, who is added where the case has none
 * of that name; of the first borrower where the list gives none.
 */
export function withIncomes(document: CaseDocument, added: readonly ListedIncome[]): Partial<CaseDocument> {
  const people = [
    ...document.household.people,
    ...newNames(document, added).map((name) => ({ id: newId(), name })),
  ]
  const personOf = (name: string | null) =>
    name === null
      ? (document.household.people[0]?.id ?? null)
      : (people.find((person) => isSameName(person.name, name))?.id ?? null)
  const incomes = added.map(({ income, person }) => ({ ...income, id: newId(), person: personOf(person) }))
  return withHousehold(document, { people, incomes: [...document.household.incomes, ...incomes] })
}

/** The names that a list gives and nobody in the case has yet. */
export const newNames = ({ household }: CaseDocument, added: readonly ListedIncome[]): string[] => {
  const names: string[] = []
  for (const { person } of added) {
    const isKnown = [...names, ...household.people.map(({ name }) => name)].some(
      (name) => person !== null && isSameName(name, person),
    )
    if (person !== null && !isKnown) names.push(person)
  }
  return names
}

const isSameName = (one: string, other: string) => one.trim().toLowerCase() === other.trim().toLowerCase()
