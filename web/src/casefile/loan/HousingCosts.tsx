import { readShareOrAmount } from '../../entry/shareOrAmount'
import { formatEntry } from '../../format/amount'
import { formatPercent } from '../../format/percent'
import { Choice } from '../../sentence/Choice'
import { useOpenCase } from '../CaseContext'
import { withHousing } from '../option'
import { SENDER_WORDS } from '../words'
import { AmountField, PercentField } from './AmountField'
import { CostField } from './CostField'
import { Labelled } from './Labelled'

const MOST_TAX_PERCENT = 20

const readTax = (text: string, before: string) => readShareOrAmount(text, before, MOST_TAX_PERCENT)

function TaxField() {
  const { store, option, words, at } = useOpenCase()
  const { propertyTaxCents, propertyTaxPercent } = option.housing
  const entry = propertyTaxCents ? formatEntry(propertyTaxCents) : ''
  return (
    <CostField
      label={words.propertyTax}
      hint="amount, or % of the price"
      pointer={`${at}/housing/propertyTax`}
      also={[`${at}/housing/propertyTaxCents`, `${at}/housing/propertyTaxPercent`]}
      text={propertyTaxPercent === null ? entry : formatPercent(propertyTaxPercent)}
      read={readTax}
      take={({ unit, value }) =>
        store.changeOption(
          withHousing({
            propertyTaxPercent: unit === 'percent' ? value : null,
            propertyTaxCents: unit === 'cents' ? value : null,
          }),
        )
      }
      clear={() => store.changeOption(withHousing({ propertyTaxCents: null, propertyTaxPercent: null }))}
    />
  )
}

/** What is paid by the year, and who sends it in. */
export function YearlyCosts() {
  const { store, option, words, at } = useOpenCase()
  return (
    <>
      <TaxField />
      <AmountField
        label="Home insurance"
        hint="amount"
        pointer={`${at}/housing/homeInsuranceCents`}
        value={option.housing.homeInsuranceCents}
        take={(homeInsuranceCents) => store.changeOption(withHousing({ homeInsuranceCents }))}
      />
      <Labelled label="Tax and insurance are sent in by">
        <Choice
          label="Tax and insurance are sent in by"
          className="field text-left"
          value={option.housing.taxAndInsuranceSentBy ?? 'LENDER'}
          words={SENDER_WORDS}
          choose={(taxAndInsuranceSentBy) => {
            store.changeOption(withHousing({ taxAndInsuranceSentBy }))
            store.settle()
          }}
        />
      </Labelled>
      <PercentField
        label={words.mortgageInsurance}
        hint="% of a loan above 80 %"
        pointer={`${at}/housing/mortgageInsurancePercent`}
        value={option.housing.mortgageInsurancePercent}
        take={(mortgageInsurancePercent) => store.changeOption(withHousing({ mortgageInsurancePercent }))}
      />
    </>
  )
}

/** What is paid by the month. */
export function MonthlyCosts() {
  const { store, option, words, at } = useOpenCase()
  return (
    <>
      <AmountField
        label={words.dues}
        hint="amount"
        pointer={`${at}/housing/duesCents`}
        value={option.housing.duesCents}
        take={(duesCents) => store.changeOption(withHousing({ duesCents }))}
      />
      <AmountField
        label="Other"
        hint="amount"
        pointer={`${at}/housing/otherCents`}
        value={option.housing.otherCents}
        take={(otherCents) => store.changeOption(withHousing({ otherCents }))}
      />
    </>
  )
}
