import { Dialog } from 'radix-ui'
import type { ReactNode } from 'react'
import { readAmount } from '../../entry/amount'
import { readPercent } from '../../entry/percent'
import { read, type Reading } from '../../entry/reading'
import { formatEntry } from '../../format/amount'
import { CURRENCIES, type CurrencyCode } from '../../format/market'
import { formatPercent } from '../../format/percent'
import { Choice } from '../../sentence/Choice'
import { useOpenCase } from '../CaseContext'
import { withFields, withHousing } from '../option'
import { COMPOUNDING_WORDS, ROUNDING_WORDS } from '../words'
import { CostField } from './CostField'
import { useCostsDrawer } from './costsDrawer'

const AT = '/options/0/housing'
const CURRENCY_WORDS = Object.fromEntries(CURRENCIES.map((code) => [code, code])) as Record<
  CurrencyCode,
  string
>

/** Costs and conventions that do not belong in the sentence, grouped as people speak of them. */
export function CostsDrawer() {
  const { isOpen, close } = useCostsDrawer()
  return (
    <Dialog.Root open={isOpen} modal={false} onOpenChange={(open) => !open && close()}>
      <Dialog.Portal>
        {/* The figures behind stay at work while the drawer is open: only its own button and Escape close it. */}
        <Dialog.Content
          className="drawer"
          aria-describedby={undefined}
          onInteractOutside={(event) => event.preventDefault()}
        >
          <div className="flex items-baseline justify-between">
            <Dialog.Title className="font-figures text-xl font-medium">Costs and conventions</Dialog.Title>
            <Dialog.Close className="button-quiet">Close</Dialog.Close>
          </div>
          <YearlyCosts />
          <MonthlyCosts />
          <Conventions />
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  )
}

function Group({ title, children }: { title: string; children: ReactNode }) {
  return (
    <fieldset className="mt-6 flex flex-col gap-3">
      <legend className="heading mb-1">{title}</legend>
      {children}
    </fieldset>
  )
}

type Tax = { unit: 'percent' | 'cents'; value: number }

function readTax(text: string): Reading<Tax> {
  if (text.includes('%')) {
    const share = readPercent(text)
    return share.status === 'read' ? read({ unit: 'percent', value: share.value }) : share
  }
  const amount = readAmount(text)
  return amount.status === 'read' ? read({ unit: 'cents', value: amount.value }) : amount
}

/** An amount that is nothing where it is not given. */
const entryOf = (cents: number | null) => (cents === null || cents === 0 ? '' : formatEntry(cents))

function YearlyCosts() {
  const { store, option } = useOpenCase()
  const { propertyTaxCents, propertyTaxPercent, homeInsuranceCents, mortgageInsurancePercent } =
    option.housing
  const noTax = withHousing({ propertyTaxCents: null, propertyTaxPercent: null })
  return (
    <Group title="Each year">
      <CostField
        label="Property tax"
        hint="amount, or % of the price"
        pointer={propertyTaxPercent === null ? `${AT}/propertyTaxCents` : `${AT}/propertyTaxPercent`}
        text={propertyTaxPercent === null ? entryOf(propertyTaxCents) : formatPercent(propertyTaxPercent)}
        read={readTax}
        take={({ unit, value }) =>
          store.changeBaseline(
            withHousing({
              propertyTaxPercent: unit === 'percent' ? value : null,
              propertyTaxCents: unit === 'cents' ? value : null,
            }),
          )
        }
        clear={() => store.changeBaseline(noTax)}
      />
      <CostField
        label="Home insurance"
        hint="amount"
        pointer={`${AT}/homeInsuranceCents`}
        text={entryOf(homeInsuranceCents)}
        read={readAmount}
        take={(cents) => store.changeBaseline(withHousing({ homeInsuranceCents: cents }))}
        clear={() => store.changeBaseline(withHousing({ homeInsuranceCents: null }))}
      />
      <CostField
        label="Mortgage insurance"
        hint="% of a loan above 80 %"
        pointer={`${AT}/mortgageInsurancePercent`}
        text={mortgageInsurancePercent ? formatPercent(mortgageInsurancePercent) : ''}
        read={readPercent}
        take={(percent) => store.changeBaseline(withHousing({ mortgageInsurancePercent: percent }))}
        clear={() => store.changeBaseline(withHousing({ mortgageInsurancePercent: null }))}
      />
    </Group>
  )
}

function MonthlyCosts() {
  const { store, option } = useOpenCase()
  const { duesCents, otherCents } = option.housing
  return (
    <Group title="Each month">
      <CostField
        label="Association dues"
        hint="amount"
        pointer={`${AT}/duesCents`}
        text={entryOf(duesCents)}
        read={readAmount}
        take={(cents) => store.changeBaseline(withHousing({ duesCents: cents }))}
        clear={() => store.changeBaseline(withHousing({ duesCents: null }))}
      />
      <CostField
        label="Other"
        hint="amount"
        pointer={`${AT}/otherCents`}
        text={entryOf(otherCents)}
        read={readAmount}
        take={(cents) => store.changeBaseline(withHousing({ otherCents: cents }))}
        clear={() => store.changeBaseline(withHousing({ otherCents: null }))}
      />
    </Group>
  )
}

function Conventions() {
  const { store, option, currency } = useOpenCase()
  const settled = (change: () => void) => {
    change()
    store.settle()
  }
  return (
    <Group title="Conventions">
      <Convention label="Interest compounds">
        <Choice
          label="Interest compounds"
          className="field text-left"
          value={option.compounding}
          words={COMPOUNDING_WORDS}
          choose={(compounding) => settled(() => store.changeBaseline(withFields({ compounding })))}
        />
      </Convention>
      <Convention label="Payment is rounded">
        <Choice
          label="Payment is rounded"
          className="field text-left"
          value={option.rounding}
          words={ROUNDING_WORDS}
          choose={(rounding) => settled(() => store.changeBaseline(withFields({ rounding })))}
        />
      </Convention>
      <Convention label="Currency">
        <Choice
          label="Currency"
          className="field text-left"
          value={currency}
          words={CURRENCY_WORDS}
          choose={(code) => settled(() => store.changeDocument({ currency: code }))}
        />
      </Convention>
    </Group>
  )
}

function Convention({ label, children }: { label: string; children: ReactNode }) {
  return (
    <div>
      <span className="mb-1 block font-medium" aria-hidden>
        {label}
      </span>
      {children}
    </div>
  )
}
