import { askHomeInsurance, askPropertyTax } from '../../api/letting'
import type { Where } from '../../entry/amount'
import { amountPer } from '../../entry/perTime'
import { readShareOrYearly } from '../../entry/shareOrAmount'
import { formatEntry } from '../../format/amount'
import { formatPercent } from '../../format/percent'
import { Choice } from '../../sentence/Choice'
import { useOpenCase } from '../CaseContext'
import { useOption } from '../OptionContext'
import { EstimateMark } from '../estimate/EstimateMark'
import { EstimateOffer } from '../estimate/EstimateOffer'
import { amount, homeValueOf, share, withHousing } from '../option'
import { ESCROW_WORDS } from '../../format/conventions'
import { AmountField, PercentField } from '../../field/AmountField'
import { Field } from '../../field/Field'
import { Labelled } from './Labelled'

const MOST_TAX_PERCENT = 20

const readTax = (text: string, before: string, where?: Where) =>
  readShareOrYearly(text, before, MOST_TAX_PERCENT, where)

function TaxField() {
  const { words } = useOpenCase()
  const { option, at, change, apply } = useOption()
  const { propertyTax } = option.housing
  const entry = propertyTax?.cents ? formatEntry(propertyTax.cents) : ''
  return (
    <div>
      <Field
        label={words.propertyTax}
        hint="a year or a month, or % of the price"
        pointer={`${at}/housing/propertyTax`}
        text={propertyTax?.percent == null ? entry : formatPercent(propertyTax.percent)}
        read={readTax}
        take={({ unit, value }) =>
          change(
            withHousing({
              propertyTax: unit === 'percent' ? share(value) : amount(value),
              propertyTaxEstimate: null,
            }),
          )
        }
        clear={() => change(withHousing({ propertyTax: null, propertyTaxEstimate: null }))}
      />
      <EstimateMark estimate={option.housing.propertyTaxEstimate} />
      <EstimateOffer
        label={`Estimate the ${words.propertyTax.toLowerCase()}`}
        ask={askPropertyTax}
        per="a year"
        valueCents={homeValueOf(option)}
        use={({ cents, origin }) =>
          apply(withHousing({ propertyTax: amount(cents), propertyTaxEstimate: origin }))
        }
      />
    </div>
  )
}

/** What is paid by the year, and who pays it. */
export function YearlyCosts() {
  const { words } = useOpenCase()
  const { option, at, change, apply } = useOption()
  return (
    <>
      <TaxField />
      <div>
        <AmountField
          label="Home insurance"
          hint="a year or a month"
          read={amountPer(1)}
          pointer={`${at}/housing/homeInsuranceCents`}
          value={option.housing.homeInsuranceCents}
          take={(homeInsuranceCents) =>
            change(withHousing({ homeInsuranceCents, homeInsuranceEstimate: null }))
          }
        />
        <EstimateMark estimate={option.housing.homeInsuranceEstimate} />
        <EstimateOffer
          label="Estimate the home insurance"
          ask={askHomeInsurance}
          per="a year"
          valueCents={homeValueOf(option)}
          use={({ cents, origin }) =>
            apply(withHousing({ homeInsuranceCents: cents, homeInsuranceEstimate: origin }))
          }
        />
      </div>
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
        hint="a month"
        read={amountPer(12)}
        pointer={`${at}/housing/duesCents`}
        value={option.housing.duesCents}
        take={(duesCents) => change(withHousing({ duesCents }))}
      />
      <AmountField
        label="Other"
        hint="a month"
        read={amountPer(12)}
        pointer={`${at}/housing/otherCents`}
        value={option.housing.otherCents}
        take={(otherCents) => change(withHousing({ otherCents }))}
      />
    </>
  )
}
