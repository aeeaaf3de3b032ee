import { useState, type ReactNode } from 'react'
import { useWidth } from '../../ui/useWidth'
import { Explained, isWorkingKey } from '../../working/Explained'
import { useOpenCase } from '../CaseContext'
import { ColumnHead } from './ColumnHead'
import { hasAnswer, type Compared, type Comparison } from './compared'
import { Pager } from './Pager'
import { bestOf, ROW_GROUPS, type Cell, type Row } from './rows'
import { RowsMenu } from './RowsMenu'
import { useOptionRows } from './useOptionRows'

/** Below this width one option is shown at a time beside the baseline's figures. */
const PAGED_BELOW_PX = 640

type ColumnsProps = { comparison: Comparison; edits: string | null; setEdits: (id: string | null) => void }

/** The options side by side, row by row, each with its difference to the baseline. */
export function Columns({ comparison, edits, setEdits }: ColumnsProps) {
  const { rows, choose, error } = useOptionRows()
  const [attach, width] = useWidth()
  const [page, setPage] = useState(0)
  const isPaged = width > 0 && width < PAGED_BELOW_PX
  const last = comparison.options.length - 1
  const shown = isPaged
    ? comparison.options.slice(Math.min(page, last), Math.min(page, last) + 1)
    : comparison.options
  return (
    <section aria-labelledby="side-by-side-heading" ref={attach} className="mt-5">
      <div className="flex items-baseline justify-between gap-4">
        <h2 id="side-by-side-heading" className="heading">
          Side by side
        </h2>
        <div className="screen-only flex items-baseline gap-4">
          {isPaged && last > 0 && <Pager at={Math.min(page, last)} last={last} go={setPage} />}
          <RowsMenu comparison={comparison} rows={rows} choose={choose} />
        </div>
      </div>
      {error && (
        <p role="alert" className="field-problem">
          {error.message}
        </p>
      )}
      <div className="overflow-x-auto" role="region" aria-label="Options side by side" tabIndex={0}>
        <table className="columns-table" data-testid="columns">
          <thead>
            <tr>
              <td />
              {shown.map((option) => (
                <th key={option.option.id} scope="col">
                  <ColumnHead
                    compared={option}
                    isEdited={edits === option.option.id}
                    edit={() => setEdits(edits === option.option.id ? null : option.option.id)}
                  />
                </th>
              ))}
            </tr>
          </thead>
          {ROW_GROUPS.map((group) => {
            const chosen = group.rows.filter(({ row }) => rows.has(row))
            return (
              chosen.length > 0 && (
                <Group key={chosen[0]?.row} title={group.label(comparison)} columns={shown.length}>
                  {chosen.map((row) => (
                    <RowOf key={row.row} row={row} comparison={comparison} shown={shown} />
                  ))}
                </Group>
              )
            )
          })}
        </table>
      </div>
    </section>
  )
}

function Group({ title, columns, children }: { title: string; columns: number; children: ReactNode }) {
  return (
    <tbody>
      <tr className="columns-group">
        <th scope="rowgroup" colSpan={columns + 1}>
          {title}
        </th>
      </tr>
      {children}
    </tbody>
  )
}

type RowOfProps = { row: Row; comparison: Comparison; shown: readonly Compared[] }

function RowOf({ row, comparison, shown }: RowOfProps) {
  const { locale, words } = useOpenCase()
  const about = { base: comparison.base, locale }
  const all = comparison.options.map((option) => (hasAnswer(option) ? row.cell(option, about) : null))
  if (all.every((cell) => cell === null)) return null
  const best = row.best === undefined ? new Set<number>() : bestOf(all)
  return (
    <tr data-row={row.row}>
      <th scope="row">{row.label(words, comparison)}</th>
      {shown.map((option) => {
        const place = comparison.options.indexOf(option)
        return (
          <CellOf
            key={option.option.id}
            cell={all[place] ?? null}
            option={option}
            best={best.has(place) ? row.best : undefined}
          />
        )
      })}
    </tr>
  )
}

type CellOfProps = { cell: Cell | null; option: Compared; best: string | undefined }

function CellOf({ cell, option, best }: CellOfProps) {
  const { store } = useOpenCase()
  if (cell === null) return <td className="text-soft">{option.answer === null ? '' : '–'}</td>
  // The panel explains a figure of the option that is shown.
  const show = () => store.select(option.option.id)
  return (
    <td
      onClickCapture={show}
      onKeyDownCapture={(event) => {
        if (event.key === 'Enter' || event.key === ' ' || isWorkingKey(event)) show()
      }}
      data-best={best !== undefined || undefined}
    >
      <span className="columns-figure">
        {cell.figure ? (
          <Explained figure={cell.figure} {...(cell.subject ? { subject: cell.subject } : {})}>
            {cell.text}
          </Explained>
        ) : (
          cell.text
        )}
      </span>
      <span className="columns-note">
        {best !== undefined && <span className="columns-best">✓ {best} </span>}
        {cell.difference}
      </span>
    </td>
  )
}
