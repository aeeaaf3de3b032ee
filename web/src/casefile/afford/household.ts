import type { CaseDocument, HouseholdDocument, IncomeDocument } from '../../api/client'
import { refinancingOf, withRefinancing } from '../option'

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
  options: document.options.map((option) => {
    const paidOff = refinancingOf(option)?.debtsPaidOff ?? []
    return withRefinancing({ debtsPaidOff: paidOff.filter((each) => each !== id) })(option)
  }),
  debts: document.debts.filter((debt) => debt.id !== id),
})
