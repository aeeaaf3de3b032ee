import { UsualCompounding } from './UsualCompounding'
import { Fragment } from 'react'
import { readSignedPercent } from '../../entry/percent'
import { CURRENCIES, MARKET_NAMES, marketOf, type CurrencyCode } from '../../format/market'
import { formatPercent, formatSignedPercent } from '../../format/percent'
import { Choice } from '../../sentence/Choice'
import { Explained } from '../../working/Explained'
import { useOpenCase } from '../CaseContext'
import { useOption } from '../OptionContext'
import type { AssumptionsDocument, CaseDocument, OptionView } from '../../api/client'
import { withTerms } from '../option'
import { COMPOUNDING_WORDS, ROUNDING_WORDS } from '../../format/conventions'
import { Field } from '../../field/Field'
import { Labelled } from './Labelled'

const CURRENCY_WORDS = Object.fromEntries(CURRENCIES.map((code) => [code, code])) as Record<
  CurrencyCode,
  string
>

/** How interest and payments are computed, and how the market speaks of them. */
export function Conventions() {
  const { store, document, currency } = useOpenCase()
  const { option, apply } = useOption()
  const settle = (fields: Partial<CaseDocument>) => {
    store.changeDocument(fields)
    store.settle()
  }
  const { homeValuePercent } = document.assumptions
  const assume = (fields: Partial<AssumptionsDocument>) =>
    store.changeDocument({ assumptions: { ...document.assumptions, ...fields } })
  return (
    <>
      <Labelled label="Interest compounds">
        <Choice
          label="Interest compounds"
          className="field text-left"
          value={option.terms.compounding}
          words={COMPOUNDING_WORDS}
          choose={(compounding) => apply(withTerms({ compounding }))}
        />
      </Labelled>
      <Restated />
      <Labelled label="Payment is rounded">
        <Choice
          label="Payment is rounded"
          className="field text-left"
          value={option.terms.rounding}
          words={ROUNDING_WORDS}
          choose={(rounding) => apply(withTerms({ rounding }))}
        />
      </Labelled>
      <Labelled label="Market">
        <Choice
          label="Market"
          className="field text-left"
          value={marketOf(document)}
          words={MARKET_NAMES}
          choose={(market) => settle({ market })}
        />
      </Labelled>
      <UsualCompounding />
      <Labelled label="Currency">
        <Choice
          label="Currency"
          className="field text-left"
          value={currency}
          words={CURRENCY_WORDS}
          choose={(code) => settle({ currency: code })}
        />
      </Labelled>
      <Field
        label="The home’s value changes"
        hint="% a year, for equity"
        pointer="/assumptions/homeValuePercent"
        text={homeValuePercent ? formatSignedPercent(homeValuePercent) : ''}
        read={readSignedPercent}
        take={(percent) => assume({ homeValuePercent: percent })}
        clear={() => assume({ homeValuePercent: null })}
      />
    </>
  )
}

const STATED = ['YEARLY', 'SEMI_ANNUAL', 'MONTHLY'] as const

/** The same rate as others state it. */
function Restated() {
  const { option, figures } = useOption()
  const others = STATED.filter((each) => each !== option.terms.compounding)
  return (
    <p className="text-soft text-[0.8125rem]" data-testid="restated">
      The same rate is{' '}
      {others.map((compounding, index) => (
        <Fragment key={compounding}>
          {index > 0 && ', '}
          <Explained figure="RESTATED_RATE" subject={{ of: 'compounding', compounding }}>
            {restatedText(figures, compounding)}
          </Explained>{' '}
          compounding {COMPOUNDING_WORDS[compounding]}
        </Fragment>
      ))}
      .
    </p>
  )
}

const RESTATED_DECIMALS = 6

const restatedText = ({ restatedRates }: OptionView, compounding: (typeof STATED)[number]) =>
  formatPercent(
    Number(
      (restatedRates.find((each) => each.compounding === compounding)?.percent ?? 0).toFixed(
        RESTATED_DECIMALS,
      ),
    ),
  )
