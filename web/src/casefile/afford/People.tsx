import type { IncomeDocument } from '../../api/client'
import { someName } from '../../entry/name'
import { ListEditor } from '../../field/ListEditor'
import { insertAfter, movedBy } from '../../field/lists'
import { Figure } from '../../sentence/Figure'
import { TextButton } from '../../ui/TextButton'
import { useOpenCase } from '../CaseContext'
import { newId } from '../newId'
import { IncomeLists } from './IncomeLists'
import { IncomeLine } from './IncomeLine'
import { incomesOf, withHousehold, withoutPerson } from './household'
import type { Affordability } from './useAffordability'

const MOST_NAME_CHARACTERS = 60
const MOST_PEOPLE = 10

/** What they earn before tax: for each person a line an income, typed as it is spoken, with what counts of it a month. */
export function People({ affordability }: { affordability: Affordability }) {
  const { store, document } = useOpenCase()
  const { people } = document.household
  const addPerson = () => {
    const person = { id: newId(), name: people.length === 0 ? 'First borrower' : 'Next borrower' }
    store.changeDocument(withHousehold(document, { people: [...people, person] }))
    store.settle()
  }
  const isShared = people.length === 0 || incomesOf(document, null).length > 0
  return (
    <section aria-labelledby="income-heading">
      <div className="flex justify-between">
        <h2 id="income-heading" className="heading">
          Income before tax
        </h2>
        <span className="heading">counted a month</span>
      </div>
      {people.map(({ id, name }) => (
        <div key={id} className="mt-2 mb-3">
          <p className="flex items-baseline justify-between gap-3 font-semibold">
            <Figure
              label="Name of the borrower"
              pointer={`/household/people/${id}/name`}
              text={name}
              read={someName(MOST_NAME_CHARACTERS)}
              take={(changed) =>
                store.changeDocument(
                  withHousehold(document, {
                    people: people.map((person) => (person.id === id ? { id, name: changed } : person)),
                  }),
                )
              }
            />
            <TextButton
              onClick={() => {
                store.changeDocument(withoutPerson(document, id))
                store.settle()
              }}
            >
              Remove<span className="sr-only"> {name}</span>
            </TextButton>
          </p>
          <Incomes person={id} name={name} affordability={affordability} />
        </div>
      ))}
      {isShared && <Incomes person={null} name="" affordability={affordability} />}
      {people.length < MOST_PEOPLE && <TextButton onClick={addPerson}>Add a borrower</TextButton>}
      <IncomeLists />
    </section>
  )
}

type IncomesProps = { person: string | null; name: string; affordability: Affordability }

function Incomes({ person, name, affordability }: IncomesProps) {
  const { store, document } = useOpenCase()
  const { incomes } = document.household
  const put = (changed: IncomeDocument[]) =>
    store.changeDocument(withHousehold(document, { incomes: changed }))
  const own = incomesOf(document, person)
  return (
    <ListEditor
      label={name === '' ? 'Incomes' : `Incomes of ${name}`}
      entries={own}
      line={(income) => (
        <IncomeLine
          income={income}
          set={(fields) =>
            put(incomes.map((each) => (each.id === income.id ? { ...each, ...fields } : each)))
          }
          affordability={affordability}
        />
      )}
      add={(after) => {
        const added: IncomeDocument = {
          id: newId(),
          person,
          name: 'salary',
          cents: 0,
          per: 'YEARLY',
          hoursPerWeek: null,
          countedPercent: null,
        }
        put(insertAfter(incomes, added, after ?? own.at(-1)?.id ?? null))
        return added.id
      }}
      remove={(id) => put(incomes.filter((income) => income.id !== id))}
      move={(id, by) => put(movedBy(incomes, id, by))}
      addWords="Add an income"
    />
  )
}
