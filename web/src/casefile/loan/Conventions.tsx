import { readSignedPercent } from '../../entry/percent'
import { CURRENCIES, MARKETS, marketOf, type CurrencyCode, type Market } from '../../format/market'
import { formatSignedPercent } from '../../format/percent'
import { Choice } from '../../sentence/Choice'
import { useOpenCase } from '../CaseContext'
import { withFields } from '../option'
import { COMPOUNDING_WORDS, ROUNDING_WORDS } from '../words'
import { CostField } from './CostField'
import { Labelled } from './Labelled'

const CURRENCY_WORDS = Object.fromEntries(CURRENCIES.map((code) => [code, code])) as Record<
  CurrencyCode,
  string
>
const MARKET_NAMES = Object.fromEntries(
  Object.entries(MARKETS).map(([market, words]) => [market, words.name]),
) as Record<Market, string>

/** How interest and payments are reckoned, and how the market speaks of them. */
export function Conventions() {
  const { store, document, option, currency } = useOpenCase()
  const settled = (change: () => void) => {
    change()
    store.settle()
  }
  return (
    <>
      <Labelled label="Interest compounds">
        <Choice
          label="Interest compounds"
          className="field text-left"
          value={option.compounding}
          words={COMPOUNDING_WORDS}
          choose={(compounding) => settled(() => store.changeOption(withFields({ compounding })))}
        />
      </Labelled>
      <Labelled label="Payment is rounded">
        <Choice
          label="Payment is rounded"
          className="field text-left"
          value={option.rounding}
          words={ROUNDING_WORDS}
          choose={(rounding) => settled(() => store.changeOption(withFields({ rounding })))}
        />
      </Labelled>
      <Labelled label="Market">
        <Choice
          label="Market"
          className="field text-left"
          value={marketOf(document)}
          words={MARKET_NAMES}
          choose={(market) => settled(() => store.changeDocument({ market }))}
        />
      </Labelled>
      <Labelled label="Currency">
        <Choice
          label="Currency"
          className="field text-left"
          value={currency}
          words={CURRENCY_WORDS}
          choose={(code) => settled(() => store.changeDocument({ currency: code }))}
        />
      </Labelled>
      <CostField
        label="The home’s value changes"
        hint="% a year, for equity"
        pointer="/valueGrowthPercent"
        text={document.valueGrowthPercent ? formatSignedPercent(document.valueGrowthPercent) : ''}
        read={readSignedPercent}
        take={(valueGrowthPercent) => store.changeDocument({ valueGrowthPercent })}
        clear={() => store.changeDocument({ valueGrowthPercent: null })}
      />
    </>
  )
}
