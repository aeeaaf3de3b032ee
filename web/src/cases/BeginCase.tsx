import { ModalDialog } from '../ui/ModalDialog'
import { useInfiniteQuery, useMutation } from '@tanstack/react-query'
import { useNavigate } from '@tanstack/react-router'
import { useId, useState, type SubmitEvent } from 'react'
import { casesQuery, createCase, startingCase, startingFrom } from '../api/cases'
import type { CaseDocument } from '../api/client'
import { divideClientsOf } from '../api/clients'
import { useOneOrSeveral } from '../clients/useOneOrSeveral'
import { ChoiceField } from '../field/ChoiceField'
import { EntriesContext } from '../field/EntriesContext'
import { hasUnreadable, useDraft } from '../field/useDraft'
import { MARKET_NAMES, type Market } from '../format/market'
import { BEGINNING_WORDS, begunFrom, type Beginning } from './beginnings'
import { listedCases } from './CaseList'
import { contradiction } from './fourthFigure'
import { KnownClients } from './KnownClients'
import { PresentLoanFields, type LoanEntries } from './PresentLoanFields'

/** What stands for the practice's own market. */
const PRACTICE = 'PRACTICE'
const TEMPLATES = { shelf: 'TEMPLATES', sort: 'TITLE' } as const

type BeginCaseProps = {
  /** The id of a template that it begins from at first. */
  template?: string
  /** For whom it is at first. */
  clients?: string
  close: () => void
}

/** Asks what a new case is called and for whom it is, then opens it. */
export function BeginCase({ template: first, clients: forWhom = '', close }: BeginCaseProps) {
  const [title, setTitle] = useState('')
  const [clients, setClients] = useState(forWhom)
  const [template, setTemplate] = useState(first ?? null)
  const [market, setMarket] = useState<Market | null>(null)
  const [beginning, setBeginning] = useState<Beginning>('purchase')
  const [loan, setLoan] = useState<LoanEntries>({})
  // The figures that were told to contradict one another: they are kept if they are sent again.
  const [insisted, insist] = useState<LoanEntries | null>(null)
  const draft = useDraft(loan, setLoan)
  const navigate = useNavigate()
  const knownId = useId()
  const templates = listedCases(useInfiniteQuery(casesQuery(TEMPLATES)).data?.pages ?? [])
  const { several, question } = useOneOrSeveral(clients)
  const create = async (document: CaseDocument) => {
    const begun = await createCase({ ...document, title, clients })
    if (several) await divideClientsOf(begun.id)
    return begun
  }
  const creating = useMutation({
    mutationFn: async () => {
      if (template !== null) return create(await startingFrom(template))
      if (beginning !== 'purchase' && hasUnreadable(draft)) throw new Error('Fix the marked entry first.')
      const start = await startingCase(market)
      if (beginning === 'running' && insisted !== loan) {
        const said = await contradiction(start, loan)
        if (said !== null) {
          insist(loan)
          throw new Error(said)
        }
      }
      return create(await begunFrom(beginning, start, loan))
    },
    onSuccess: ({ id }) => navigate({ to: '/cases/$id', params: { id }, state: { isNew: true } }),
  })
  const submit = (event: SubmitEvent) => {
    event.preventDefault()
    creating.mutate()
  }

  return (
    <ModalDialog
      title="New case"
      description="It starts from the usual terms of its market; every figure can be changed."
      close={close}
    >
      <form className="mt-5 flex flex-col gap-4" onSubmit={submit}>
        <label className="font-medium">
          Case name
          <input
            className="field mt-1"
            placeholder="usually the address"
            required
            maxLength={200}
            value={title}
            onChange={(event) => setTitle(event.target.value)}
          />
        </label>
        <label className="font-medium">
          Clients
          <input
            className="field mt-1"
            placeholder="their names"
            maxLength={200}
            list={knownId}
            autoComplete="off"
            value={clients}
            onChange={(event) => setClients(event.target.value)}
          />
        </label>
        <KnownClients id={knownId} typed={clients} />
        {question}
        <ChoiceField
          label="Market"
          disabled={template !== null}
          value={market ?? PRACTICE}
          words={{ [PRACTICE]: 'Practice default', ...MARKET_NAMES }}
          choose={(chosen) => setMarket(chosen === PRACTICE ? null : chosen)}
        />
        <ChoiceField<string>
          label="Begins from"
          value={template ?? beginning}
          words={{
            ...BEGINNING_WORDS,
            ...Object.fromEntries(templates.map((each) => [each.id, `Template: ${each.title}`])),
          }}
          choose={(chosen) => {
            setTemplate(chosen in BEGINNING_WORDS ? null : chosen)
            if (chosen in BEGINNING_WORDS) setBeginning(chosen as Beginning)
          }}
        />
        {template === null && beginning !== 'purchase' && (
          <EntriesContext value={draft}>
            <PresentLoanFields beginning={beginning} entries={loan} change={draft.change} />
          </EntriesContext>
        )}
        {creating.error && (
          <p role="alert" className="field-problem">
            {creating.error.message}
          </p>
        )}
        <div className="mt-1 flex justify-end gap-3">
          <button type="button" className="button-quiet" onClick={close}>
            Cancel
          </button>
          <button type="submit" className="button" disabled={creating.isPending}>
            Create
          </button>
        </div>
      </form>
    </ModalDialog>
  )
}
