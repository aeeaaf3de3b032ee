import { DropdownMenu } from 'radix-ui'
import { addMonths } from '../../entry/date'
import type { OptionView } from '../../api/client'
import { useFocusElsewhere } from '../../ui/useFocusElsewhere'
import { useOpenCase } from '../CaseContext'
import { addExtra, addRateChange, paymentsIn, type How } from '../clauses'
import { focusFigure } from '../focusFigure'
import { asLoanAlone, asPurchase, withClosing, withFields, type OptionChange } from '../option'
import { useWishPanel } from '../wish/wishPanel'
import { useCostsDrawer } from './costsDrawer'

const FIVE_YEARS_MONTHS = 60
const ROUND_CENTS = 50_00

type Entry = { words: string; change: OptionChange; focus: string }

/** What else can be said of the loan: each entry adds a clause and leads to its figure. */
export function AndMenu() {
  const { store, at } = useOpenCase()
  const entries = useEntries()
  const openDrawer = useCostsDrawer((drawer) => drawer.open)
  const openWish = useWishPanel((panel) => panel.open)
  const { lead, onCloseAutoFocus } = useFocusElsewhere()
  const say = ({ change, focus }: Entry) => {
    lead()
    store.changeOption(change)
    store.settle()
    focusFigure(`${at}${focus}`)
  }
  const open = (panel: () => void) => () => {
    lead()
    panel()
  }
  return (
    <DropdownMenu.Root>
      <DropdownMenu.Trigger className="text-soft hover:text-ink rounded-sm px-0.5 text-[0.72em]">
        and…
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content
          align="start"
          sideOffset={6}
          collisionPadding={12}
          className="floating"
          onCloseAutoFocus={onCloseAutoFocus}
        >
          {entries.map((entry) => (
            <DropdownMenu.Item key={entry.words} className="floating-item" onSelect={() => say(entry)}>
              {entry.words}
            </DropdownMenu.Item>
          ))}
          <DropdownMenu.Separator className="border-rule my-1 border-t" />
          <DropdownMenu.Item className="floating-item" onSelect={open(() => openWish(''))}>
            a wish to stay within…
          </DropdownMenu.Item>
          <DropdownMenu.Item className="floating-item" onSelect={open(openDrawer)}>
            tax, insurance, fees and conventions…
          </DropdownMenu.Item>
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  )
}

/** The clauses that the option does not have yet, and those it can have several of. */
function useEntries(): Entry[] {
  const { option, figures } = useOpenCase()
  const inFiveYears = { payment: null, day: addMonths(figures.firstPaymentDate, FIVE_YEARS_MONTHS) }
  const extra = (words: string, how: How, cents: number, first = inFiveYears): Entry => ({
    words,
    change: addExtra(how, cents, first),
    focus: `/extras/${option.extras.length}`,
  })
  const fromTheFirst = { payment: null, day: figures.firstPaymentDate }
  return [
    extra('plus an extra with each payment', 'EACH_PAYMENT', 200_00, fromTheFirst),
    extra('plus an extra once', 'ONCE', 10_000_00),
    extra('plus an extra once a year', 'EACH_YEAR', 2_000_00),
    ...onceOnly(option.interestOnlyPayments, {
      words: 'interest alone at first',
      change: (each) => ({ ...each, interestOnlyPayments: paymentsIn(FIVE_YEARS_MONTHS, each.frequency) }),
      focus: '/interestOnlyPayments',
    }),
    ...onceOnly(option.chosenPaymentCents, {
      words: 'a payment of their own choice',
      change: withFields({ chosenPaymentCents: nextRound(figures.paymentCents) }),
      focus: '/chosenPaymentCents',
    }),
    ...onceOnly(option.residualCents, {
      words: 'a balance left at the end',
      change: withFields({ residualCents: fifthOf(figures) }),
      focus: '/residualCents',
    }),
    {
      words: 'another rate later',
      change: addRateChange(option.ratePercent, inFiveYears),
      focus: `/rateChanges/${option.rateChanges.length}/ratePercent`,
    },
    ...onceOnly(option.rateTermMonths, {
      words: 'the rate agreed for part of the term',
      change: withFields({ rateTermMonths: FIVE_YEARS_MONTHS }),
      focus: '/rateTermMonths',
    }),
    ...onceOnly(option.buydown, {
      words: 'reduced payments in the first years',
      change: withFields({ buydown: { reductionsPercent: [2, 1], payer: 'SELLER' } }),
      focus: '/buydown/reductionsPercent',
    }),
    ...onceOnly(option.closing?.upfrontPremiumPercent ?? null, {
      words: 'a premium due once',
      change: withClosing({ upfrontPremiumPercent: 1.75, upfrontPremiumFinanced: true }),
      focus: '/closing/upfrontPremiumPercent',
    }),
    ...(option.priceCents === null
      ? [{ words: 'it buys a home at a price', change: asPurchase, focus: '/priceCents' }]
      : [
          ...onceOnly(option.appraisalCents, {
            words: 'an appraisal',
            change: withFields({ appraisalCents: option.priceCents }),
            focus: '/appraisalCents',
          }),
          {
            words: 'it is a loan alone, without a price',
            change: asLoanAlone(figures.baseLoanCents),
            focus: '/loanCents',
          },
        ]),
  ]
}

const onceOnly = (said: unknown, entry: Entry): Entry[] => (said === null ? [entry] : [])

const nextRound = (cents: number) => Math.ceil((cents + 1) / ROUND_CENTS) * ROUND_CENTS

const fifthOf = ({ baseLoanCents }: OptionView) => Math.round(baseLoanCents / 5 / ROUND_CENTS) * ROUND_CENTS
