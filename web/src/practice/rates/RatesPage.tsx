import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { rateTablesQuery } from '../../api/rates'
import { useIsOwner, useSession } from '../../app/session'
import type { RateTableDocument } from '../../api/client'
import { TextButton } from '../../ui/TextButton'
import { Bin } from '../Bin'
import { isNewOrGone, someDraftOf, type Seen } from '../keptDraft'
import { OwnersOnly } from '../OwnersOnly'
import { ReadOnly } from '../ReadOnly'
import { PracticeFrame } from '../PracticeFrame'
import { useDeletion } from '../useDeletion'
import { TableEditor } from './TableEditor'
import { TableLine } from './TableLine'
import { newTable, offerLines } from './tables'
import './rates-page.css'

/** The table being edited: one of the practice's, or a new one. */
type Edited = { seen: Seen | null; start: RateTableDocument }

/** The practice's rate tables: dated, typed, read from a file, or filled by the simulated rate desk. */
export function RatesPage() {
  const { email } = useSession()
  const isOwner = useIsOwner()
  const all = useQuery(rateTablesQuery)
  const [edited, setEdited] = useState<Edited | null>(() =>
    someDraftOf<RateTableDocument>('rate-tables', email),
  )
  const deletion = useDeletion('rate-tables', rateTablesQuery.queryKey)
  const today = all.data?.today ?? ''
  const error = deletion.error ?? all.error
  return (
    <PracticeFrame title="Rates">
      <div className="mt-5 flex flex-wrap items-baseline justify-between gap-x-6">
        <p className="text-soft">
          Rates with their points, by product. Options are priced on them; each case remembers the day.
        </p>
        {all.data && edited === null && (
          <OwnersOnly>
            <TextButton onClick={() => setEdited({ seen: null, start: newTable(today) })}>
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
      {deletion.told}
      {edited !== null && isNewOrGone(edited.seen, all.data?.tables) && (
        <Editing edited={edited} today={today} close={() => setEdited(null)} />
      )}
      <ul className="mt-3" aria-label="Rate tables">
        {all.data?.tables.map((view) => (
          <li key={view.id} className="border-rule border-b py-3">
            {edited?.seen?.id === view.id && isOwner ? (
              <Editing edited={edited} today={today} close={() => setEdited(null)} />
            ) : (
              <TableLine
                view={view}
                today={today}
                edit={() => setEdited({ seen: view, start: view.table })}
                remove={() => deletion.ask({ id: view.id, name: view.table.name })}
              />
            )}
            {edited?.seen?.id === view.id && !isOwner && (
              <ReadOnly lines={offerLines(view.table)} close={() => setEdited(null)} />
            )}
          </li>
        ))}
      </ul>
      <Bin kind="rate-tables" restore={deletion.restore} />
      {all.data?.tables.length === 0 && edited === null && (
        <p className="font-figures mt-6 text-xl">
          No rates yet. Add a table, or let the simulated rate desk fill one.
        </p>
      )}
    </PracticeFrame>
  )
}

function Editing({ edited, today, close }: { edited: Edited; today: string; close: () => void }) {
  return <TableEditor seen={edited.seen} start={edited.start} today={today} close={close} />
}
