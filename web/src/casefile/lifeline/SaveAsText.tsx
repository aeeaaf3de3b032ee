import { useOpenCase } from '../CaseContext'
import { saveFile } from '../../ui/saveFile'
import type { Column } from './columns'
import type { Life, Stretch } from './life'
import { asCsv, textRows } from './table'

type SaveAsTextProps = { life: Life; columns: readonly Column[]; stretch: Stretch | null }

/** Saves the schedule's payments as comma-separated values: those of the stretch, or all. */
export function SaveAsText({ life, columns, stretch }: SaveAsTextProps) {
  const { document } = useOpenCase()
  const save = () => {
    const rows = textRows(life, columns, stretch ?? { first: 1, last: life.payments })
    saveFile(`${document.title} schedule.csv`, new Blob([asCsv(rows)], { type: 'text/csv;charset=utf-8' }))
  }
  return (
    <button type="button" className="text-act font-semibold hover:underline" onClick={save}>
      {stretch ? 'Save the stretch as CSV' : 'Save as CSV'}
    </button>
  )
}
