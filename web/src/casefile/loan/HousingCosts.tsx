import { readShareOrAmount } from '../../entry/shareOrAmount'
import { formatEntry } from '../../format/amount'
import { formatPercent } from '../../format/percent'
import { Choice } from '../../sentence/Choice'
import { useOpenCase } from '../CaseContext'
import { useOption } from '../OptionContext'
import { amount, share, withHousing } from '../option'
import { ESCROW_WORDS } from '../../format/conventions'
import { AmountField, PercentField } from '../../field/AmountField'
import { Field } from '../../field/Field'
import { Labelled } from './Labelled'

const MOST_TAX_PERCENT = 20

const readTax = (text: string, before: string) => readShareOrAmount(text, before, MOST_TAX_PERCENT)

function TaxField() {
  const { words } = useOpenCase()
  const { option, at, change } = useOption()
  const { propertyTax } = option.housing
  const entry = propertyTax?.cents ? formatEntry(propertyTax.cents) : ''
  return (
    <Field
      label={words.propertyTax}
      hint="amount, or % of the price"
      pointer={`${at}/housing/propertyTax`}
      text={propertyTax?.percent == null ? entry : formatPercent(propertyTax.percent)}
      read={readTax}
      take={({ unit, value }) =>
        change(withHousing({ propertyTax: unit === 'percent' ? share(value) : amount(value) }))
      }
      clear={() => change(withHousing({ propertyTax: null }))}
    />
  )
}

/** What is paid by the year, and who pays it. */
export function YearlyCosts() {
  const { words } = useOpenCase()
  const { option, at, change, apply } = useOption()
  return (
    <>
      <TaxField />
      <AmountField
        label="Home insurance"
        hint="amount"
        pointer={`${at}/housing/homeInsuranceCents`}
        value={option.housing.homeInsuranceCents}
        take={(homeInsuranceCents) => change(withHousing({ homeInsuranceCents }))}
      />
      <Labelled label="Taxes and insurance paid by">
        <Choice
          label="Taxes and insurance paid by"
          className="field text-left"
          value={option.housing.escrowed === false ? 'own' : 'escrowed'}
          words={ESCROW_WORDS}
          choose={(how) => {
            apply(withHousing({ escrowed: how === 'escrowed' }))
          }}
        />
      </Labelled>
      <PercentField
        label={words.mortgageInsurance}
        hint="% of the loan a year"
        pointer={`${at}/housing/mortgageInsurancePercent`}
        value={option.housing.mortgageInsurancePercent}
        take={(mortgageInsurancePercent) => change(withHousing({ mortgageInsurancePercent }))}
      />
    </>
  )
}

/** What is paid by the month. */
export function MonthlyCosts() {
  const { words } = useOpenCase()
  const { option, at, change } = useOption()
  return (
    <>
      <AmountField
        label={words.dues}
        hint="amount"
        pointer={`${at}/housing/duesCents`}
        value={option.housing.duesCents}
        take={(duesCents) => change(withHousing({ duesCents }))}
      />
      <AmountField
        label="Other"
        hint="amount"
        pointer={`${at}/housing/otherCents`}
        value={option.housing.otherCents}
        take={(otherCents) => change(withHousing({ otherCents }))}
      />
    </>
  )
}
