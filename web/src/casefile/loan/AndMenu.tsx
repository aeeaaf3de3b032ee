import { MenuContent, MenuItem, MenuSeparator } from '../../ui/Menu'
import { DropdownMenu } from 'radix-ui'
import type { CaseDocument, OptionDocument, OptionView } from '../../api/client'
import { useOpenPanel, type PanelView } from '../../panel/panelStore'
import { useFocusElsewhere } from '../../ui/useFocusElsewhere'
import { useOpenCase } from '../CaseContext'
import { useOption } from '../OptionContext'
import type { Beginning } from '../clauses/clause'
import { refinancingBeginnings } from './refinancingBeginnings'
import { beginningsOf } from '../clauses/clauses'
import { focusFigure } from '../focusFigure'
import { withLetting } from '../rental/letting'
import { asLoanOnly, asPurchase, loanOnlyCents, purchaseOf, refinancingOf, withPurchase } from '../option'

/** What else can be said of the loan: each entry adds a clause and leads to its figure. */
export function AndMenu() {
  const { at, apply } = useOption()
  const entries = useEntries()
  const openPanel = useOpenPanel()
  const { lead, onCloseAutoFocus } = useFocusElsewhere()
  const say = ({ change, focus }: Beginning) => {
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
        <LettingItem />
        <MenuSeparator />
        <MenuItem onSelect={open({ kind: 'target', text: '' })}>Target…</MenuItem>
        <MenuItem onSelect={open({ kind: 'costs' })}>Tax, insurance, fees and conventions…</MenuItem>
      </MenuContent>
    </DropdownMenu.Root>
  )
}

/** Says that the home is to let, which leads to its rent, or that it is not. */
function LettingItem() {
  const { store, document } = useOpenCase()
  const put = (fields: Partial<CaseDocument>) => {
    store.changeDocument(fields)
    store.settle()
  }
  return document.letting ? (
    <MenuItem onSelect={() => put({ letting: null })}>Not to let</MenuItem>
  ) : (
    <MenuItem
      onSelect={() => {
        put(withLetting(document, {}))
        focusFigure('/letting/rentCents')
      }}
    >
      To let
    </MenuItem>
  )
}

/** The clauses that can be added, and what else the sentence can be made to say. */
function useEntries(): Beginning[] {
  const { words, document } = useOpenCase()
  const { option, figures } = useOption()
  return [
    ...beginningsOf(option, { figures, words }),
    ...financingEntries(option, figures),
    ...refinancingBeginnings(option, document.debts),
  ]
}

function financingEntries(option: OptionDocument, figures: OptionView): Beginning[] {
  const purchase = purchaseOf(option)
  if (purchase === null) {
    if (refinancingOf(option)) return []
    return [
      {
        words: 'Purchase price',
        change: asPurchase(loanOnlyCents(option) ?? figures.baseLoanCents),
        focus: '/financing/priceCents',
      },
    ]
  }
  const appraisal = {
    words: 'Appraisal',
    change: withPurchase({ appraisalCents: purchase.priceCents, appraisalEstimate: null }),
    focus: '/financing/appraisalCents',
  }
  return [
    ...(purchase.appraisalCents === null ? [appraisal] : []),
    {
      words: 'Loan only, without a price',
      change: asLoanOnly(figures.baseLoanCents),
      focus: '/financing/loanCents',
    },
  ]
}
