import { readIncomeCsv } from '../../api/household'
import { readIncome } from '../../entry/income'
import { ListImport } from '../../field/ListImport'
import type { Matches } from '../../field/ColumnMatch'
import { isTable, readLines } from '../../field/lineProblems'
import { formatIncome } from '../../format/income'
import { asCsv } from '../../format/csv'
import { saveFile } from '../../ui/saveFile'
import { TextButton } from '../../ui/TextButton'
import { useOpenCase } from '../CaseContext'
import { newId } from '../newId'
import { incomeRows, withHousehold } from './household'
import { roomFor } from './roomFor'

const MOST_LINES = 60

/** Brings incomes in from a list, and saves them as one. */
export function IncomeLists() {
  const { store, document } = useOpenCase()
  const { incomes, people } = document.household
  const read = async (text: string, columns: Matches) => {
    const read = isTable(text)
      ? await readIncomeCsv(text, { ...columns })
      : readLines(text, readIncome, MOST_LINES)
    return roomFor(read, incomes.length, MOST_LINES)
  }
  return (
    <div className="screen-only mt-3 flex flex-wrap gap-x-5 gap-y-1">
      <ListImport
        openWords="Paste incomes…"
        label="Incomes, one a line"
        hint="As they are spoken, or a table whose first line names its columns: income, amount, per, hours, counted."
        placeholder={'salary 64,800 a year\n31.50 an hour, 26 hours'}
        read={read}
        preview={(added) => added.map(formatIncome)}
        take={(added) => {
          const person = people[0]?.id ?? null
          const lines = added.map((income) => ({ ...income, id: newId(), person }))
          store.settle()
          store.changeDocument(withHousehold(document, { incomes: [...incomes, ...lines] }))
          store.settle()
        }}
      />
      {incomes.length > 0 && (
        <TextButton
          onClick={() =>
            saveFile(
              `${document.title}, incomes.csv`,
              new Blob([asCsv(incomeRows(incomes))], { type: 'text/csv;charset=utf-8' }),
            )
          }
        >
          Save incomes as CSV
        </TextButton>
      )}
    </div>
  )
}
