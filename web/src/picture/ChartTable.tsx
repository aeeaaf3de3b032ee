import type { ReactNode } from 'react'

type ChartTableProps = {
  label: string
  columns: readonly string[]
  rows: readonly { key: string | number; head: ReactNode; cells: ReactNode }[]
}

/** A picture's numbers as a table. */
export function ChartTable({ label, columns, rows }: ChartTableProps) {
  return (
    <div className="mt-2 overflow-x-auto" role="region" aria-label={label} tabIndex={0}>
      <table className="figures-table figures-table-close w-full">
        <thead>
          <tr>
            {columns.map((column) => (
              <th key={column} scope="col">
                {column}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map(({ key, head, cells }) => (
            <tr key={key}>
              <th scope="row">{head}</th>
              {cells}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  )
}
