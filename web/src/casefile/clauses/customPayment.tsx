import type { OptionDocument } from '../../api/client'
import { readAmount } from '../../entry/amount'
import { formatEntry } from '../../format/amount'
import { Figure } from '../../sentence/Figure'
import { useOption } from '../OptionContext'
import { withFeatures } from '../option'
import { EXTRA_STEP_CENTS, notNegative } from './steps'
import { useWas } from './useWas'
import { nextRound, orNothing, saysOtherwise, type Clause } from './clause'

/** A custom payment. */
export const customPayment: Clause = {
  said: ({ features }) =>
    features.paymentCents === null
      ? []
      : [{ pointer: '/features/paymentCents', say: (after) => <CustomPaymentClause after={after} /> }],
  beginnings: ({ features }, { figures }) =>
    features.paymentCents === null
      ? [
          {
            words: 'Custom payment',
            change: withFeatures({ paymentCents: nextRound(figures.paymentCents) }),
            focus: '/features/paymentCents',
          },
        ]
      : [],
  differs: (baseline, option) =>
    saysOtherwise(baseline, option, ({ features }) => features.paymentCents)
      ? option.features.paymentCents === null
        ? 'level payment'
        : `paying ${formatEntry(option.features.paymentCents)}`
      : null,
}

const customText = (option: OptionDocument) => orNothing(option.features.paymentCents, formatEntry)

/** A custom payment. */
function CustomPaymentClause({ after }: { after: string }) {
  const { option, at, change } = useOption()
  const cents = option.features.paymentCents ?? 0
  return (
    <>
      paying{' '}
      <Figure
        label="Custom payment"
        pointer={`${at}/features/paymentCents`}
        text={customText(option)}
        was={useWas()(customText)}
        read={readAmount}
        inputMode="decimal"
        take={(paymentCents) => change(withFeatures({ paymentCents }))}
        clear={() => change(withFeatures({ paymentCents: null }))}
        nudge={(steps) =>
          change(withFeatures({ paymentCents: notNegative(cents + steps * EXTRA_STEP_CENTS) }))
        }
      />{' '}
      <span className="whitespace-nowrap">each time{after}</span>
    </>
  )
}
