import { AnswerButton } from '../../answer/AnswerButton'
import { useOpenCase } from '../CaseContext'
import { titleOf } from '../differences'
import { useOption } from '../OptionContext'
import { saveFile } from '../../ui/saveFile'
import type { Column } from './columns'
import type { Life, PaymentRange } from './life'
import { asCsv } from '../../format/csv'
import { textRows } from './table'

type SaveAsTextProps = { life: Life; columns: readonly Column[]; range: PaymentRange | null }

/** Saves the schedule's payments as comma-separated values: those of the range, or all. */
export function SaveAsText({ life, columns, range }: SaveAsTextProps) {
  const { document, locale, words } = useOpenCase()
  const { option, baseline } = useOption()
  const save = () => {
    const rows = textRows(life, columns, range ?? { first: 1, last: life.payments })
    const title = titleOf(baseline, option, locale, words)
    const part = range ? `payments ${range.first} to ${range.last}` : 'schedule'
    saveFile(
      `${document.title}, ${title}, ${part}.csv`,
      new Blob([asCsv(rows)], { type: 'text/csv;charset=utf-8' }),
    )
  }
  return <AnswerButton onClick={save}>{range ? 'Save the period as CSV' : 'Save as CSV'}</AnswerButton>
}
