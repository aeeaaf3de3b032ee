import type { ClosingDocument } from '../../api/client'
import { readDay } from '../../entry/date'
import { formatAmount } from '../../format/amount'
import { formatDay } from '../../format/date'
import { Explained } from '../../working/Explained'
import { useOpenCase } from '../CaseContext'
import { withClosing } from '../option'
import { AmountField, PercentField } from './AmountField'
import { CostField } from './CostField'

type AmountName = {
  [K in keyof ClosingDocument]: K extends `${string}Cents` ? K : never
}[keyof ClosingDocument]

const AMOUNTS: readonly [AmountName, string, string][] = [
  ['loanFeesCents', 'Fees of the loan', 'lender and required services'],
  ['otherCostsCents', 'Recording and taxes', 'not brought by the loan'],
  ['prepaidInterestCents', 'Prepaid interest', 'to the first full period'],
  ['prepaidItemsCents', 'Prepaid tax and insurance', 'amount'],
  ['sellerCreditCents', 'Seller’s credit', 'towards all of these'],
]

/** What is due when the loan is paid out, and what others pay of it. */
export function ClosingCosts() {
  const { store, option, figures, words, locale, at } = useOpenCase()
  const here = `${at}/closing`
  const { closing } = option
  const lost = figures.cashToClose.sellerCreditUnusedCents
  return (
    <>
      <CostField
        label={`Day of ${words.closing.toLowerCase()}`}
        hint="date"
        pointer={`${here}/day`}
        text={closing?.day ? formatDay(closing.day, locale) : ''}
        read={(text) => readDay(text, locale)}
        take={(day) => store.changeOption(withClosing({ day }))}
        clear={() => store.changeOption(withClosing({ day: null }))}
      />
      <PercentField
        label="Points"
        hint="% of the loan"
        pointer={`${here}/pointsPercent`}
        value={closing?.pointsPercent}
        take={(pointsPercent) => store.changeOption(withClosing({ pointsPercent }))}
      />
      <PercentField
        label="Lender’s credit"
        hint="% of the loan"
        pointer={`${here}/lenderCreditPercent`}
        value={closing?.lenderCreditPercent}
        take={(lenderCreditPercent) => store.changeOption(withClosing({ lenderCreditPercent }))}
      />
      {AMOUNTS.map(([name, label, hint]) => (
        <AmountField
          key={name}
          label={label}
          hint={hint}
          pointer={`${here}/${name}`}
          value={closing?.[name]}
          take={(cents) => store.changeOption(withClosing({ [name]: cents }))}
        />
      ))}
      <p className="text-soft text-[0.8125rem]">
        Cash at {words.closing.toLowerCase()}:{' '}
        <Explained figure="CASH_TO_CLOSE">{formatAmount(figures.cashToClose.totalCents)}</Explained>
        {lost > 0 && (
          <>
            . Of the seller’s credit <Explained figure="SELLER_CREDIT">{formatAmount(lost)}</Explained> cannot
            be used
          </>
        )}
        .
      </p>
    </>
  )
}
