import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { deleteRateTable, rateTablesQuery, saveRateTable } from '../../api/rates'
import type { RateTableDocument, RateTableView } from '../../api/client'
import { TextButton } from '../../ui/TextButton'
import { OwnersOnly } from '../OwnersOnly'
import { PracticeFrame } from '../PracticeFrame'
import { TableEditor } from './TableEditor'
import { TableLine } from './TableLine'
import { newTable } from './tables'
import './rates-page.css'

/** The table being edited: one of the practice's, or a new one. */
type Edited = { seen: RateTableView | null; table: RateTableDocument }

/** The practice's rate tables: dated, typed, read from a file, or filled by the simulated rate desk. */
export function RatesPage() {
  const queries = useQueryClient()
  const all = useQuery(rateTablesQuery)
  const [edited, setEdited] = useState<Edited | null>(null)
  const refresh = () => queries.invalidateQueries({ queryKey: rateTablesQuery.queryKey })
  const deleting = useMutation({
    mutationFn: (view: RateTableView) => deleteRateTable(view.id),
    onSettled: refresh,
  })
  const restoring = useMutation({
    mutationFn: (view: RateTableView) => saveRateTable(null, view.table),
    onSuccess: () => deleting.reset(),
    onSettled: refresh,
  })
  const today = all.data?.today ?? ''
  const error = deleting.error ?? restoring.error ?? all.error
  return (
    <PracticeFrame title="Rates">
      <div className="mt-5 flex flex-wrap items-baseline justify-between gap-x-6">
        <p className="text-soft">
          Rates with their points, by product. Options are priced on them; each case remembers the day.
        </p>
        {all.data && edited === null && (
          <OwnersOnly>
            <TextButton onClick={() => setEdited({ seen: null, table: newTable(today) })}>
              Add a rate table
            </TextButton>
          </OwnersOnly>
        )}
      </div>
      {error && (
        <p role="alert" className="field-problem">
          {error.message}
        </p>
      )}
      {deleting.isSuccess && (
        <p role="status" className="mt-3">
          {deleting.variables.table.name} is deleted.{' '}
          <TextButton onClick={() => restoring.mutate(deleting.variables)}>Undo</TextButton>
        </p>
      )}
      {edited?.seen === null && <Editing edited={edited} today={today} close={() => setEdited(null)} />}
      <ul className="mt-3" aria-label="Rate tables">
        {all.data?.tables.map((view) => (
          <li key={view.id} className="border-rule border-b py-3">
            {edited?.seen?.id === view.id ? (
              <Editing edited={edited} today={today} close={() => setEdited(null)} />
            ) : (
              <TableLine
                view={view}
                today={today}
                edit={() => setEdited({ seen: view, table: view.table })}
                remove={() => deleting.mutate(view)}
              />
            )}
          </li>
        ))}
      </ul>
      {all.data?.tables.length === 0 && edited === null && (
        <p className="font-figures mt-6 text-xl">
          No rates yet. Add a table, or let the simulated rate desk fill one.
        </p>
      )}
    </PracticeFrame>
  )
}

function Editing({ edited, today, close }: { edited: Edited; today: string; close: () => void }) {
  return <TableEditor seen={edited.seen} start={edited.table} today={today} close={close} />
}
