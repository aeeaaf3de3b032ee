import type { BuydownDocument, OptionDocument } from '../../api/client'
import { readPercents } from '../../entry/percents'
import { PAYER_WORDS } from '../../format/conventions'
import { formatPercent } from '../../format/percent'
import { Choice } from '../../sentence/Choice'
import { Figure } from '../../sentence/Figure'
import { useOption } from '../OptionContext'
import { useOpenCase } from '../CaseContext'
import { withFeatures } from '../option'
import { useWas } from './useWas'
import { orNothing, saysOtherwise, type Clause } from './clause'

/** A temporary buydown. */
export const buydown: Clause = {
  said: ({ features: { buydown: agreed } }) =>
    agreed === null
      ? []
      : [{ pointer: '/features/buydown', say: (after) => <BuydownClause buydown={agreed} after={after} /> }],
  beginnings: ({ features }) =>
    features.buydown === null
      ? [
          {
            words: 'Temporary buydown',
            change: withFeatures({ buydown: { reductionsPercent: [2, 1], paidBy: 'SELLER' } }),
            focus: '/features/buydown/reductionsPercent',
          },
        ]
      : [],
  differs: (baseline, option) =>
    saysOtherwise(baseline, option, ({ features }) => features.buydown)
      ? option.features.buydown === null
        ? 'no buydown'
        : 'temporary buydown'
      : null,
}

const reductionsText = ({ features }: OptionDocument) =>
  orNothing(features.buydown, ({ reductionsPercent }) =>
    reductionsPercent.map((points) => formatPercent(points)).join(', '),
  )
const NUMBERS = ['', 'first year', 'first two years', 'first three years']

/** A temporary buydown: payments reduced for the first years, out of a subsidy. */
function BuydownClause({ buydown, after }: { buydown: BuydownDocument; after: string }) {
  const { store } = useOpenCase()
  const { option, at, change } = useOption()
  const here = `${at}/features/buydown`
  const set = (fields: Partial<BuydownDocument>) =>
    change(withFeatures({ buydown: { ...buydown, ...fields } }))
  return (
    <>
      bought down by{' '}
      <Figure
        label="Rate reductions by year"
        pointer={`${here}/reductionsPercent`}
        also={[0, 1, 2].map((year) => `${here}/reductionsPercent/${year}`)}
        text={reductionsText(option)}
        was={useWas()(reductionsText)}
        read={readPercents}
        take={(reductionsPercent) => set({ reductionsPercent })}
        clear={() => change(withFeatures({ buydown: null }))}
      />{' '}
      in the {NUMBERS[buydown.reductionsPercent.length] ?? 'first years'} by{' '}
      <span className="whitespace-nowrap">
        <Choice
          label="Buydown paid by"
          value={buydown.paidBy}
          was={useWas()((baseline) => baseline.features.buydown?.paidBy ?? buydown.paidBy)}
          words={PAYER_WORDS}
          choose={(paidBy) => {
            set({ paidBy })
            store.settle()
          }}
        />
        {after}
      </span>
    </>
  )
}
