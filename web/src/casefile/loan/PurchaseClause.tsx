import type { OptionDocument, PurchaseDocument } from '../../api/client'
import { readAmount, type Where } from '../../entry/amount'
import { unread, type Reading } from '../../entry/reading'
import { readShareOrAmount, type ShareOrAmount } from '../../entry/shareOrAmount'
import { formatEntry } from '../../format/amount'
import { formatPercent } from '../../format/percent'
import { Figure } from '../../sentence/Figure'
import { useOpenCase } from '../CaseContext'
import { estimateWords } from '../estimate/estimateWords'
import { useOption } from '../OptionContext'
import {
  asLoanOnly,
  loanOnlyCents,
  purchaseOf,
  withDownAmount,
  withDownPercent,
  withLoan,
  withPurchase,
} from '../option'
import { useAsk } from '../target/useAsk'
import { AMOUNT_STEP_CENTS, notNegative, settled } from '../clauses/steps'
import { useWas } from '../clauses/useWas'

const entryOf = (cents: number | null | undefined) => (cents == null ? '' : formatEntry(cents))
const priceText = (option: OptionDocument) => entryOf(purchaseOf(option)?.priceCents)
const appraisalText = (option: OptionDocument) => entryOf(purchaseOf(option)?.appraisalCents)

function downText(option: OptionDocument): string {
  const down = purchaseOf(option)?.down
  if (!down) return ''
  return down.percent === null ? formatEntry(down.cents ?? 0) : formatPercent(down.percent)
}

/** Buying for a price, with a down payment. */
export function PurchaseClause({ purchase }: { purchase: PurchaseDocument }) {
  const { words } = useOpenCase()
  const { figures, at, change } = useOption()
  const { priceCents, appraisalCents } = purchase
  return (
    <>
      Buying for{' '}
      <Figure
        label="Price"
        pointer={`${at}/financing/priceCents`}
        text={formatEntry(priceCents)}
        was={useWas()(priceText)}
        read={readAmount}
        inputMode="decimal"
        take={(cents) => change(withPurchase({ priceCents: cents }))}
        clear={() => change(asLoanOnly(figures.baseLoanCents))}
        nudge={(steps) =>
          change(withPurchase({ priceCents: notNegative(priceCents + steps * AMOUNT_STEP_CENTS) }))
        }
        ask={useAsk()}
      />{' '}
      {appraisalCents !== null && <AppraisalClause appraisalCents={appraisalCents} />}
      with <DownFigure down={purchase.down} /> {words.down}, borrowing{' '}
    </>
  )
}

function AppraisalClause({ appraisalCents }: { appraisalCents: number }) {
  const { option, at, change } = useOption()
  const estimate = purchaseOf(option)?.appraisalEstimate
  return (
    <>
      ({estimate ? `${estimateWords(estimate)} of` : 'appraised at'}{' '}
      <Figure
        label="Appraisal"
        after=")"
        pointer={`${at}/financing/appraisalCents`}
        text={formatEntry(appraisalCents)}
        was={useWas()(appraisalText)}
        read={readAmount}
        inputMode="decimal"
        take={(cents) => change(withPurchase({ appraisalCents: cents, appraisalEstimate: null }))}
        clear={() => change(withPurchase({ appraisalCents: null, appraisalEstimate: null }))}
        nudge={(steps) =>
          change(
            withPurchase({
              appraisalCents: notNegative(appraisalCents + steps * AMOUNT_STEP_CENTS),
              appraisalEstimate: null,
            }),
          )
        }
      />{' '}
    </>
  )
}

const WHOLE_PRICE_PERCENT = 100

const readDown = (text: string, before: string, where?: Where) =>
  readShareOrAmount(text, before, WHOLE_PRICE_PERCENT, where)

function DownFigure({ down }: { down: PurchaseDocument['down'] }) {
  const { words } = useOpenCase()
  const { option, at, change } = useOption()
  const take = ({ unit, value }: ShareOrAmount) =>
    change(unit === 'percent' ? withDownPercent(value) : withDownAmount(value))
  return (
    <Figure
      label={`${words.downPayment}, as an amount or a percentage`}
      pointer={`${at}/financing/down`}
      text={downText(option)}
      was={useWas()(downText)}
      read={readDown}
      take={take}
      nudge={(steps) =>
        take(
          down.percent === null
            ? { unit: 'cents', value: notNegative((down.cents ?? 0) + steps * AMOUNT_STEP_CENTS) }
            : { unit: 'percent', value: settled(down.percent + steps) },
        )
      }
      ask={useAsk()}
    />
  )
}

/** A loan that buys a home takes at most its price. */
const upToPrice = (loan: Reading<number>, priceCents: number | undefined): Reading<number> =>
  loan.status === 'read' && priceCents !== undefined && loan.value > priceCents
    ? unread(`At most the price of ${formatEntry(priceCents)} can be borrowed.`)
    : loan

/** What is borrowed: given for a loan alone, else what the down payment leaves. */
export function LoanFigure() {
  const { figures, option, at, change } = useOption()
  const given = loanOnlyCents(option)
  const loanCents = given ?? figures.baseLoanCents
  return (
    <span className={given === null ? 'computed' : undefined}>
      <Figure
        label="Loan amount"
        pointer={`${at}/financing/loanCents`}
        text={formatEntry(loanCents)}
        was={useWas()((other) => formatEntry(loanOnlyCents(other) ?? loanCents))}
        read={(text, before, where) =>
          upToPrice(readAmount(text, before, where), purchaseOf(option)?.priceCents)
        }
        inputMode="decimal"
        take={(cents) => change(withLoan(cents))}
        nudge={(steps) => change(withLoan(notNegative(loanCents + steps * AMOUNT_STEP_CENTS)))}
        ask={useAsk()}
      />
    </span>
  )
}
