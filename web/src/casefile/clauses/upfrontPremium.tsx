import type { ClosingDocument, OptionDocument } from '../../api/client'
import { readPercent } from '../../entry/percent'
import { formatPercent } from '../../format/percent'
import { Choice } from '../../sentence/Choice'
import { Figure } from '../../sentence/Figure'
import { useOption } from '../OptionContext'
import { useOpenCase } from '../CaseContext'
import { withClosing } from '../option'
import { RATE_STEP_PERCENT, settled } from './steps'
import { useWas } from './useWas'
import { orNothing, type Clause } from './clause'

type UpfrontPremium = NonNullable<ClosingDocument['upfrontPremium']>

/** An upfront premium. That it differs is said with the other closing costs. */
export const upfrontPremium: Clause = {
  said: ({ closing: { upfrontPremium: premium } }) =>
    premium === null
      ? []
      : [
          {
            pointer: '/closing/upfrontPremium',
            say: (after) => <UpfrontPremiumClause premium={premium} after={after} />,
          },
        ],
  beginnings: ({ closing }) =>
    closing.upfrontPremium === null
      ? [
          {
            words: 'Upfront premium',
            change: withClosing({ upfrontPremium: { percent: 1.75, financed: true } }),
            focus: '/closing/upfrontPremium/percent',
          },
        ]
      : [],
  differs: () => null,
}

const premiumText = ({ closing }: OptionDocument) =>
  orNothing(closing.upfrontPremium, ({ percent }) => formatPercent(percent))
const premiumHow = ({ closing }: OptionDocument) => (closing.upfrontPremium?.financed ? 'added' : 'paid')
const PREMIUM_WORDS = { added: 'added to the loan', paid: 'paid upfront' } as const

/** An upfront premium. */
function UpfrontPremiumClause({ premium, after }: { premium: UpfrontPremium; after: string }) {
  const { store } = useOpenCase()
  const { option, at, change } = useOption()
  const set = (fields: Partial<UpfrontPremium>) =>
    change(withClosing({ upfrontPremium: { ...premium, ...fields } }))
  return (
    <>
      with a premium of{' '}
      <Figure
        label="Upfront premium"
        pointer={`${at}/closing/upfrontPremium/percent`}
        text={premiumText(option)}
        was={useWas()(premiumText)}
        read={readPercent}
        inputMode="decimal"
        take={(percent) => set({ percent })}
        clear={() => change(withClosing({ upfrontPremium: null }))}
        nudge={(steps) => set({ percent: settled(premium.percent + steps * RATE_STEP_PERCENT) })}
      />{' '}
      <span className="whitespace-nowrap">
        <Choice
          label="How the upfront premium is paid"
          value={premiumHow(option)}
          was={useWas()(premiumHow)}
          words={PREMIUM_WORDS}
          choose={(how) => {
            set({ financed: how === 'added' })
            store.settle()
          }}
        />
        {after}
      </span>
    </>
  )
}
