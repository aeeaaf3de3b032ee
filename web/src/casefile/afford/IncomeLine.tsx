import type { IncomeDocument } from '../../api/client'
import { readIncome } from '../../entry/income'
import { readHours } from '../../entry/hours'
import { nameUpTo } from '../../entry/name'
import { AmountField, PercentField } from '../../field/AmountField'
import { Field } from '../../field/Field'
import { formatAmount } from '../../format/amount'
import { formatIncome, OFTEN } from '../../format/income'
import { Choice } from '../../sentence/Choice'
import { Figure } from '../../sentence/Figure'
import { Explained } from '../../working/Explained'
import { useOpenCase } from '../CaseContext'
import { Labelled } from '../loan/Labelled'
import { LineFields } from './LineFields'
import type { Affordability } from './useAffordability'

const MOST_NAME_CHARACTERS = 60
const FULL_TIME_HOURS = 40
const PER_WORDS = { ...OFTEN, HOUR: 'an hour' } as const
const FIELDS = ['cents', 'hoursPerWeek', 'countedPercent', 'per'] as const

type IncomeLineProps = {
  income: IncomeDocument
  set: (fields: Partial<IncomeDocument>) => void
  affordability: Affordability
}

/** An income as it is spoken or field by field, with what counts of it a month. */
export function IncomeLine({ income, set, affordability }: IncomeLineProps) {
  const { store } = useOpenCase()
  const at = `/household/incomes/${income.id}`
  return (
    <LineFields
      name={income.name || 'income'}
      line={(isOpen) => (
        <Figure
          label="Income"
          pointer={at}
          also={isOpen ? [] : FIELDS.map((field) => `${at}/${field}`)}
          text={formatIncome(income)}
          read={readIncome}
          take={set}
        />
      )}
      counted={<Counted id={income.id} affordability={affordability} />}
    >
      <Field
        label="What it is"
        hint="gross"
        pointer={`${at}/name`}
        text={income.name}
        read={nameUpTo(MOST_NAME_CHARACTERS)}
        take={(name) => set({ name })}
        clear={() => set({ name: '' })}
      />
      <AmountField
        label={income.per === null ? 'An hour' : 'Each time'}
        hint="before tax"
        pointer={`${at}/cents`}
        value={income.cents}
        take={(cents) => set({ cents: cents ?? 0 })}
      />
      <Labelled label="How often">
        <Choice
          label="How often"
          value={income.per ?? 'HOUR'}
          words={PER_WORDS}
          choose={(per) => {
            set(per === 'HOUR' ? { per: null, hoursPerWeek: FULL_TIME_HOURS } : { per, hoursPerWeek: null })
            store.settle()
          }}
        />
      </Labelled>
      {income.per === null && (
        <Field
          label="A week"
          hint="hours"
          pointer={`${at}/hoursPerWeek`}
          text={income.hoursPerWeek === null ? '' : String(income.hoursPerWeek)}
          read={readHours}
          inputMode="decimal"
          take={(hoursPerWeek) => set({ hoursPerWeek })}
        />
      )}
      <PercentField
        label="Counted"
        hint="up to 125"
        pointer={`${at}/countedPercent`}
        value={income.countedPercent ?? 100}
        take={(countedPercent) => set({ countedPercent })}
      />
    </LineFields>
  )
}

function Counted({ id, affordability: { document, view } }: { id: string; affordability: Affordability }) {
  const place = document.household.incomes.findIndex((income) => income.id === id)
  const cents = view.household.incomesCents[place]
  if (cents === undefined) return null
  return (
    <Explained figure="COUNTED_INCOME" subject={{ of: 'income', income: place }}>
      {formatAmount(cents)}
    </Explained>
  )
}
