import type { ClientChanges, ClientPageView, Problem } from '../api/client'
import { AS_ADVISED } from '../api/clientPage'
import { readAmount } from '../entry/amount'
import { readRate } from '../entry/percent'
import { readTerm } from '../entry/term'
import { EntriesContext } from '../field/EntriesContext'
import { useDraft } from '../field/useDraft'
import { formatMoney } from '../format/amount'
import { formatPercent } from '../format/percent'
import { formatTerm } from '../format/term'
import { Figure } from '../sentence/Figure'
import { TextButton } from '../ui/TextButton'

const YEAR_MONTHS = 12
const RATE_STEP = 0.125
const EXTRA_STEP_CENTS = 50_00

type ChangeSentenceProps = {
  page: ClientPageView
  changes: ClientChanges
  change: (changes: ClientChanges) => void
  problem: Problem | null
}

/** What a client may change on the page, as a sentence of figures: how long they keep the loan, its rate, what they pay extra. */
export function ChangeSentence({ page, changes, change, problem }: ChangeSentenceProps) {
  const { advised, content, currency, frequency } = page
  const draft = useDraft(AS_ADVISED, change)
  const say = (part: Partial<ClientChanges>) => draft.change({ ...changes, ...part })
  const kept = changes.keptMonths ?? advised.keptMonths ?? YEAR_MONTHS
  const rate = changes.ratePercent ?? advised.ratePercent ?? 0
  const extra = changes.extraCents ?? advised.extraCents ?? 0
  const money = (cents: number) => (cents === 0 ? 'nothing' : formatMoney(cents, content.language, currency))
  const perPayment = frequency === 'MONTHLY' ? 'a month' : 'with each payment'
  const isChanged = Object.values(changes).some((each) => each !== null)
  const fields = problem?.fields ?? []
  return (
    <EntriesContext value={{ ...draft, problems: fields }}>
      <section className="client-change" aria-label="What if">
        <p className="sentence">
          Kept for{' '}
          <Figure
            label="How long you keep it"
            after=","
            pointer="/changes/keptMonths"
            text={formatTerm(kept)}
            read={readTerm}
            take={(keptMonths) => say({ keptMonths })}
            nudge={(steps) => say({ keptMonths: Math.max(1, kept + steps * YEAR_MONTHS) })}
          />{' '}
          at{' '}
          <Figure
            label="Yearly rate"
            after=","
            pointer="/changes/ratePercent"
            inputMode="decimal"
            text={formatPercent(rate)}
            read={readRate}
            take={(ratePercent) => say({ ratePercent })}
            nudge={(steps) => say({ ratePercent: Math.max(0, rate + steps * RATE_STEP) })}
          />{' '}
          paying{' '}
          <Figure
            label={`Extra ${perPayment}`}
            pointer="/changes/extraCents"
            inputMode="decimal"
            text={money(extra)}
            read={readAmount}
            take={(extraCents) => say({ extraCents })}
            clear={() => say({ extraCents: 0 })}
            nudge={(steps) => say({ extraCents: Math.max(0, extra + steps * EXTRA_STEP_CENTS) })}
          />{' '}
          extra {perPayment}.
        </p>
        <p className="text-soft mt-1 text-[0.8125rem]" role="status">
          {isChanged ? (
            <>
              Changed by you. Advised: kept for {formatTerm(advised.keptMonths ?? YEAR_MONTHS)}, at{' '}
              {formatPercent(advised.ratePercent ?? 0)}, {money(advised.extraCents ?? 0)} extra.{' '}
              <TextButton onClick={() => draft.step(AS_ADVISED)}>Back to what was advised</TextButton>
            </>
          ) : (
            'As advised. Change any of the three: all figures on this page follow, and nothing is sent.'
          )}
        </p>
        {problem !== null && fields.length === 0 && (
          <p role="alert" className="field-problem">
            {problem.detail}
          </p>
        )}
        {fields.some(({ pointer }) => pointer === '/changes') && (
          <p role="alert" className="field-problem">
            {problem?.detail}
          </p>
        )}
      </section>
    </EntriesContext>
  )
}
