import type { OptionDocument } from '../../api/client'
import { readAmount } from '../../entry/amount'
import { readShareOrAmount, type ShareOrAmount } from '../../entry/shareOrAmount'
import { formatEntry } from '../../format/amount'
import { formatPercent } from '../../format/percent'
import { Figure } from '../../sentence/Figure'
import { useOpenCase } from '../CaseContext'
import { asLoanAlone, withDownAmount, withDownPercent, withFields, withLoan } from '../option'
import { useAsk } from '../wish/wishPanel'
import { AMOUNT_STEP_CENTS, notNegative, settled } from './steps'
import { useWas } from './useWas'

const entryOf = (cents: number | null) => (cents === null ? '' : formatEntry(cents))
const priceText = (option: OptionDocument) => entryOf(option.priceCents)
const appraisalText = (option: OptionDocument) => entryOf(option.appraisalCents)
const downText = ({ downPercent, downCents }: OptionDocument) =>
  downPercent === null ? formatEntry(downCents ?? 0) : formatPercent(downPercent)

/** Buying for a price, with money down. */
export function PurchaseClause({ priceCents }: { priceCents: number }) {
  const { store, option, figures, words, at } = useOpenCase()
  return (
    <>
      Buying for{' '}
      <Figure
        label="Price"
        pointer={`${at}/priceCents`}
        text={formatEntry(priceCents)}
        was={useWas()(priceText)}
        read={readAmount}
        take={(cents) => store.changeOption(withFields({ priceCents: cents }))}
        clear={() => store.changeOption(asLoanAlone(figures.baseLoanCents))}
        nudge={(steps) =>
          store.changeOption(withFields({ priceCents: notNegative(priceCents + steps * AMOUNT_STEP_CENTS) }))
        }
        ask={useAsk()}
      />{' '}
      {option.appraisalCents !== null && <AppraisalClause appraisalCents={option.appraisalCents} />}
      with <DownFigure /> {words.down}, borrowing{' '}
    </>
  )
}

function AppraisalClause({ appraisalCents }: { appraisalCents: number }) {
  const { store, at } = useOpenCase()
  return (
    <>
      (appraised at{' '}
      <Figure
        label="Appraisal"
        after=")"
        pointer={`${at}/appraisalCents`}
        text={formatEntry(appraisalCents)}
        was={useWas()(appraisalText)}
        read={readAmount}
        take={(cents) => store.changeOption(withFields({ appraisalCents: cents }))}
        clear={() => store.changeOption(withFields({ appraisalCents: null }))}
        nudge={(steps) =>
          store.changeOption(
            withFields({ appraisalCents: notNegative(appraisalCents + steps * AMOUNT_STEP_CENTS) }),
          )
        }
      />{' '}
    </>
  )
}

const WHOLE_PRICE_PERCENT = 100

const readDown = (text: string, before: string) => readShareOrAmount(text, before, WHOLE_PRICE_PERCENT)

function DownFigure() {
  const { store, option, words, at } = useOpenCase()
  const { downPercent } = option
  const downCents = option.downCents ?? 0
  const take = (down: ShareOrAmount) =>
    store.changeOption(down.unit === 'percent' ? withDownPercent(down.value) : withDownAmount(down.value))
  return (
    <Figure
      label={`${words.moneyDown}, as an amount or a percentage`}
      pointer={`${at}/down`}
      also={[`${at}/downCents`, `${at}/downPercent`]}
      text={downText(option)}
      was={useWas()(downText)}
      read={readDown}
      take={take}
      nudge={(steps) =>
        take(
          downPercent === null
            ? { unit: 'cents', value: notNegative(downCents + steps * AMOUNT_STEP_CENTS) }
            : { unit: 'percent', value: settled(downPercent + steps) },
        )
      }
      ask={useAsk()}
    />
  )
}

/** What is borrowed: given for a loan alone, else what the money down leaves. */
export function LoanFigure() {
  const { store, figures, option, at } = useOpenCase()
  const loanCents = option.loanCents ?? figures.baseLoanCents
  return (
    <Figure
      label="Loan amount"
      pointer={`${at}/loanCents`}
      text={formatEntry(loanCents)}
      was={useWas()((other) =>
        other.loanCents === null ? formatEntry(loanCents) : entryOf(other.loanCents),
      )}
      read={readAmount}
      take={(cents) => store.changeOption(withLoan(cents))}
      nudge={(steps) => store.changeOption(withLoan(notNegative(loanCents + steps * AMOUNT_STEP_CENTS)))}
      ask={useAsk()}
    />
  )
}
