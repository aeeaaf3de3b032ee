import type { HouseholdDocument } from '../../api/client'
import { readAmount } from '../../entry/amount'
import { readScore } from '../../entry/score'
import { formatAmount, formatEntry } from '../../format/amount'
import { Figure } from '../../sentence/Figure'
import { useOpenCase } from '../CaseContext'
import { withHousehold } from './household'

type Amount = keyof Pick<HouseholdDocument, 'atHandCents' | 'giftsCents' | 'mustStayCents'>

const LABELS: Record<Amount, string> = {
  atHandCents: 'Money at hand',
  giftsCents: 'Gifts',
  mustStayCents: 'What must stay',
}

/** What closing can be paid from, what is left of it, and the score. */
export function MoneyAtHand({ leftCents }: { leftCents: number }) {
  const { store, document } = useOpenCase()
  const { score } = document.household
  return (
    <section aria-labelledby="money-heading" className="mt-6">
      <h2 id="money-heading" className="heading">
        Money for closing
      </h2>
      <dl className="ledger ledger-close">
        {(Object.keys(LABELS) as Amount[]).map((field) => (
          <div key={field}>
            <dt>{LABELS[field]}</dt>
            <dd>
              <AmountFigure field={field} />
            </dd>
          </div>
        ))}
        <div>
          <dt>{leftCents < 0 ? 'Missing at closing' : 'Left after closing'}</dt>
          <dd className={leftCents < 0 ? 'text-over' : undefined} data-testid="money-left">
            {formatAmount(Math.abs(leftCents))}
          </dd>
        </div>
        <div>
          <dt>Credit score</dt>
          <dd>
            <Figure
              label="Credit score"
              pointer="/household/score"
              text={score === null ? 'none' : String(score)}
              read={readScore}
              inputMode="numeric"
              take={(known) => store.changeDocument(withHousehold(document, { score: known }))}
              clear={() => store.changeDocument(withHousehold(document, { score: null }))}
            />
          </dd>
        </div>
      </dl>
    </section>
  )
}

function AmountFigure({ field }: { field: Amount }) {
  const { store, document } = useOpenCase()
  const take = (cents: number | null) => store.changeDocument(withHousehold(document, { [field]: cents }))
  return (
    <Figure
      label={LABELS[field]}
      pointer={`/household/${field}`}
      text={formatEntry(document.household[field] ?? 0)}
      read={readAmount}
      inputMode="decimal"
      take={take}
      clear={() => take(null)}
    />
  )
}
