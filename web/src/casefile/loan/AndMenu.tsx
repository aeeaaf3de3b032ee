import { MenuContent, MenuItem, MenuSeparator } from '../../ui/Menu'
import { DropdownMenu } from 'radix-ui'
import { addMonths } from '../../entry/date'
import type { OptionView } from '../../api/client'
import { useOpenPanel, type PanelView } from '../../panel/panelStore'
import { useFocusElsewhere } from '../../ui/useFocusElsewhere'
import { useOpenCase } from '../CaseContext'
import { useOption } from '../OptionContext'
import { addExtra, addPaymentStep, addRateChange, paymentsIn, type How } from '../clauses'
import { focusFigure } from '../focusFigure'
import { newId } from '../newId'
import {
  asLoanOnly,
  asPurchase,
  loanOnlyCents,
  purchaseOf,
  withClosing,
  withFeatures,
  withPurchase,
  withTerms,
  type OptionChange,
} from '../option'

const FIVE_YEARS_MONTHS = 60
const ROUND_CENTS = 50_00

type Entry = { words: string; change: OptionChange; focus: string }

/** What else can be said of the loan: each entry adds a clause and leads to its figure. */
export function AndMenu() {
  const { at, apply } = useOption()
  const entries = useEntries()
  const openPanel = useOpenPanel()
  const { lead, onCloseAutoFocus } = useFocusElsewhere()
  const say = ({ change, focus }: Entry) => {
    lead()
    apply(change)
    focusFigure(`${at}${focus}`)
  }
  const open = (view: PanelView) => () => {
    lead()
    openPanel(view)
  }
  return (
    <DropdownMenu.Root>
      <DropdownMenu.Trigger className="screen-only text-soft hover:text-ink rounded-sm px-0.5 text-[0.72em]">
        Add…
      </DropdownMenu.Trigger>
      <MenuContent align="start" onCloseAutoFocus={onCloseAutoFocus}>
        {entries.map((entry) => (
          <MenuItem key={entry.words} onSelect={() => say(entry)}>
            {entry.words}
          </MenuItem>
        ))}
        <MenuSeparator />
        <MenuItem onSelect={open({ kind: 'target', text: '' })}>Target…</MenuItem>
        <MenuItem onSelect={open({ kind: 'costs' })}>Tax, insurance, fees and conventions…</MenuItem>
      </MenuContent>
    </DropdownMenu.Root>
  )
}

/** The clauses that the option does not have yet, and those it can have several of. */
function useEntries(): Entry[] {
  const { words } = useOpenCase()
  const { option, figures } = useOption()
  const { terms, features, closing } = option
  const purchase = purchaseOf(option)
  const inFiveYears = { payment: null, day: addMonths(figures.firstPaymentDate, FIVE_YEARS_MONTHS) }
  const id = newId()
  const extra = (words: string, how: How, cents: number, first = inFiveYears): Entry => ({
    words,
    change: addExtra(id, how, cents, first),
    focus: `/features/extras/${id}`,
  })
  const fromTheFirst = { payment: null, day: figures.firstPaymentDate }
  return [
    extra('Extra with each payment', 'EACH_PAYMENT', 200_00, fromTheFirst),
    extra('One-time extra payment', 'ONCE', 10_000_00),
    extra('Yearly extra payment', 'EACH_YEAR', 2_000_00),
    ...onceOnly(features.interestOnlyPayments, {
      words: 'Interest-only period',
      change: withFeatures({ interestOnlyPayments: paymentsIn(FIVE_YEARS_MONTHS, terms.frequency) }),
      focus: '/features/interestOnlyPayments',
    }),
    ...onceOnly(features.paymentCents, {
      words: 'Custom payment',
      change: withFeatures({ paymentCents: nextRound(figures.paymentCents) }),
      focus: '/features/paymentCents',
    }),
    {
      words: 'Payment change',
      change: addPaymentStep(id, nextRound(figures.paymentCents), inFiveYears),
      focus: `/features/paymentSteps/${id}/cents`,
    },
    ...onceOnly(features.balloonCents, {
      words: 'Balloon payment',
      change: withFeatures({ balloonCents: fifthOf(figures) }),
      focus: '/features/balloonCents',
    }),
    {
      words: 'Rate change',
      change: addRateChange(id, terms.ratePercent, inFiveYears),
      focus: `/features/rateChanges/${id}/ratePercent`,
    },
    ...onceOnly(terms.rateTermMonths, {
      words: words.ratePeriod,
      change: withTerms({ rateTermMonths: FIVE_YEARS_MONTHS }),
      focus: '/terms/rateTermMonths',
    }),
    ...onceOnly(features.buydown, {
      words: 'Temporary buydown',
      change: withFeatures({ buydown: { reductionsPercent: [2, 1], paidBy: 'SELLER' } }),
      focus: '/features/buydown/reductionsPercent',
    }),
    ...onceOnly(closing.upfrontPremium, {
      words: 'Upfront premium',
      change: withClosing({ upfrontPremium: { percent: 1.75, financed: true } }),
      focus: '/closing/upfrontPremium/percent',
    }),
    ...(purchase === null
      ? [
          {
            words: 'Purchase price',
            change: asPurchase(loanOnlyCents(option) ?? figures.baseLoanCents),
            focus: '/financing/priceCents',
          },
        ]
      : [
          ...onceOnly(purchase.appraisalCents, {
            words: 'Appraisal',
            change: withPurchase({ appraisalCents: purchase.priceCents }),
            focus: '/financing/appraisalCents',
          }),
          {
            words: 'Loan only, without a price',
            change: asLoanOnly(figures.baseLoanCents),
            focus: '/financing/loanCents',
          },
        ]),
  ]
}

const onceOnly = (said: unknown, entry: Entry): Entry[] => (said === null ? [entry] : [])

const nextRound = (cents: number) => Math.ceil((cents + 1) / ROUND_CENTS) * ROUND_CENTS

const fifthOf = ({ baseLoanCents }: OptionView) => Math.round(baseLoanCents / 5 / ROUND_CENTS) * ROUND_CENTS
