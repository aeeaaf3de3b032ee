import { readIncomeCsv } from '../../api/household'
import { readIncome } from '../../entry/income'
import { ListImport } from '../../field/ListImport'
import type { Matches } from '../../field/ColumnMatch'
import { isTable, readLines } from '../../field/lineProblems'
import { formatIncome } from '../../format/income'
import { useOpenCase } from '../CaseContext'
import { newNames, withIncomes, type ListedIncome } from './household'
import { roomFor } from './roomFor'
import { SaveList } from './SaveList'

const MOST_LINES = 60
const MOST_PEOPLE = 10

/** Brings incomes in from a list, and saves them as one. */
export function IncomeLists() {
  const { store, document } = useOpenCase()
  const { incomes, people } = document.household
  const read = async (text: string, columns: Matches) => {
    const read: ListedIncome[] = isTable(text)
      ? await readIncomeCsv(text, { ...columns })
      : readLines(text, readIncome, MOST_LINES).map((income) => ({ income, person: null }))
    roomFor(newNames(document, read), people.length, MOST_PEOPLE, 'borrowers')
    return roomFor(read, incomes.length, MOST_LINES)
  }
  return (
    <div className="screen-only mt-3 flex flex-wrap gap-x-5 gap-y-1">
      <ListImport
        openWords="Paste incomes…"
        label="Incomes, one a line"
        hint="As they are spoken, or a table whose first line names its columns: income, amount, per, hours, counted, person."
        placeholder={'salary 64,800 a year\n31.50 an hour, 26 hours'}
        read={read}
        preview={(added) =>
          added.map(({ income, person }) => [person, formatIncome(income)].filter(Boolean).join(': '))
        }
        take={(added) => {
          store.settle()
          store.changeDocument(withIncomes(document, added))
          store.settle()
        }}
      />
      {incomes.length > 0 && <SaveList address="incomes" words="Save incomes as CSV" />}
    </div>
  )
}
