import { useMutation, useQueryClient } from '@tanstack/react-query'
import type { RateTableDocument } from '../../api/client'
import { askRateDesk, rateTablesQuery, saveRateTable } from '../../api/rates'
import { readDay } from '../../entry/date'
import { someName } from '../../entry/name'
import { readTerm } from '../../entry/term'
import { EntriesContext } from '../../field/EntriesContext'
import { pageLocale } from '../../format/pageLocale'
import { formatDay } from '../../format/date'
import { formatTerm } from '../../format/term'
import { Figure } from '../../sentence/Figure'
import { TextButton } from '../../ui/TextButton'
import { SaveBar } from '../SaveBar'
import type { Seen } from '../keptDraft'
import { useSavedDraft } from '../useSavedDraft'
import { AddOnList } from './AddOnList'
import { CsvImport } from './CsvImport'
import { OfferList } from './OfferList'

const MOST_NAME_CHARACTERS = 60

type TableEditorProps = {
  /** The state that was opened; null for a table that is new. */
  seen: Seen | null
  start: RateTableDocument
  today: string
  close: () => void
}

/** A rate table as a sentence and two lists, kept when it is saved. */
export function TableEditor({ seen, start, today, close }: TableEditorProps) {
  const queries = useQueryClient()
  const locale = pageLocale()
  const edited = useSavedDraft({
    kind: 'rate-tables',
    seen,
    start,
    save: saveRateTable,
    onSaved: async () => {
      await queries.invalidateQueries({ queryKey: rateTablesQuery.queryKey })
      close()
    },
  })
  const { value: table, draft, entries } = edited
  const asking = useMutation({
    mutationFn: () => askRateDesk(table.termMonths),
    onSuccess: (rates) => draft.step({ ...rates, name: seen === null ? rates.name : table.name }),
  })
  const change = (fields: Partial<RateTableDocument>) => draft.change({ ...table, ...fields })
  const step = (fields: Partial<RateTableDocument>) => draft.step({ ...table, ...fields })
  return (
    <section aria-label="Rate table" className="mt-4 mb-2">
      <EntriesContext value={entries}>
        <p className="sentence" data-long>
          <Figure
            label="Name of the table"
            pointer="/name"
            text={table.name}
            read={someName(MOST_NAME_CHARACTERS)}
            take={(name) => change({ name })}
          />{' '}
          for loans over{' '}
          <Figure
            label="Term"
            pointer="/termMonths"
            text={formatTerm(table.termMonths)}
            read={readTerm}
            take={(termMonths) => change({ termMonths })}
            after=","
          />{' '}
          rates of{' '}
          <Figure
            label="Day of the rates"
            pointer="/day"
            text={formatDay(table.day, locale)}
            read={(text) => readDay(text, locale)}
            take={(day) => change({ day })}
            after="."
          />{' '}
          {table.simulated && <span className="simulated align-middle">simulated</span>}
        </p>
        {asking.error && (
          <p role="alert" className="field-problem mt-2">
            {asking.error.message}
          </p>
        )}
        <SaveBar edited={edited} close={close}>
          <TextButton disabled={asking.isPending} onClick={() => asking.mutate()}>
            Fill from the simulated rate desk
          </TextButton>
          <TextButton onClick={() => step({ day: today })}>Rates of today</TextButton>
        </SaveBar>
        <div className="mid:grid-cols-[2fr_3fr] mt-4 grid gap-x-12 gap-y-6">
          <div>
            <h2 className="heading">Rates and points</h2>
            <OfferList offers={table.offers} change={(offers) => change({ offers })} />
          </div>
          <div>
            <h2 className="heading">Added by loan-to-value and score</h2>
            <AddOnList addOns={table.addOns} change={(addOns) => change({ addOns })} />
          </div>
        </div>
        <CsvImport
          take={({ offers, addOns }) =>
            step({
              simulated: false,
              ...(offers.length > 0 ? { offers } : {}),
              ...(addOns.length > 0 ? { addOns } : {}),
            })
          }
        />
      </EntriesContext>
    </section>
  )
}
