import { useMutation } from '@tanstack/react-query'
import { askCreditBureau, readDebtCsv } from '../../api/household'
import { kindOf, readDebt } from '../../entry/debt'
import { ListImport } from '../../field/ListImport'
import type { Matches } from '../../field/ColumnMatch'
import { isTable, readLines } from '../../field/lineProblems'
import { formatDebt } from '../../format/debt'
import { TextButton } from '../../ui/TextButton'
import { useOpenCase } from '../CaseContext'
import { newId } from '../newId'
import { withReportedDebts } from './household'
import { roomFor } from './roomFor'
import { SaveList } from './SaveList'

const MOST_LINES = 60

/** Brings debts in from a list or from the simulated credit report, and saves them as a list. */
export function DebtLists() {
  const { store, document } = useOpenCase()
  const { debts, household } = document
  const names = household.people.map(({ name }) => name)
  const asStep = (change: () => void) => {
    store.settle()
    change()
    store.settle()
  }
  const read = async (text: string, columns: Matches) => {
    const read = isTable(text)
      ? await readDebtCsv(text, { ...columns })
      : readLines(text, readDebt, MOST_LINES)
    const kinds = read.map((debt) => ({ ...debt, kind: debt.kind ?? kindOf(debt.name) }))
    return roomFor(kinds, debts.length, MOST_LINES)
  }
  const report = useMutation({
    mutationFn: askCreditBureau,
    onSuccess: (told) => asStep(() => store.changeDocument(withReportedDebts(document, told.debts))),
  })
  return (
    <div className="screen-only mt-3 flex flex-wrap gap-x-5 gap-y-1">
      <ListImport
        openWords="Paste debts…"
        label="Debts, one a line"
        hint="As they are spoken, or a table whose first line names its columns: debt, kind, payment, balance, months left, rate."
        placeholder={'car 412, 31 months, 11,900\nsupport 240'}
        read={read}
        preview={(added) => added.map(formatDebt)}
        take={(added) =>
          asStep(() =>
            store.changeDocument({ debts: [...debts, ...added.map((debt) => ({ ...debt, id: newId() }))] }),
          )
        }
      />
      {debts.length > 0 && <SaveList address="debts" words="Save debts as CSV" />}
      {names.length > 0 ? (
        <TextButton disabled={report.isPending} onClick={() => report.mutate(names)}>
          Fill from a simulated credit report
        </TextButton>
      ) : (
        <p className="text-soft text-xs">Add a borrower to fill this from a simulated credit report.</p>
      )}
      {report.error && (
        <p role="alert" className="field-problem">
          {report.error.message}
        </p>
      )}
    </div>
  )
}
