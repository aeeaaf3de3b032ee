import type { OptionDocument } from '../../api/client'
import { readAmount } from '../../entry/amount'
import { formatEntry } from '../../format/amount'
import { Figure } from '../../sentence/Figure'
import { useOption } from '../OptionContext'
import { withFeatures } from '../option'
import { AMOUNT_STEP_CENTS, notNegative } from './steps'
import { useWas } from './useWas'
import { fifthOf, orNothing, saysOtherwise, type Clause } from './clause'

/** A balloon payment. */
export const balloon: Clause = {
  said: ({ features }) =>
    features.balloonCents === null
      ? []
      : [{ pointer: '/features/balloonCents', say: (after) => <BalloonClause after={after} /> }],
  beginnings: ({ features }, { figures }) =>
    features.balloonCents === null
      ? [
          {
            words: 'Balloon payment',
            change: withFeatures({ balloonCents: fifthOf(figures) }),
            focus: '/features/balloonCents',
          },
        ]
      : [],
  differs: (baseline, option) =>
    saysOtherwise(baseline, option, ({ features }) => features.balloonCents)
      ? option.features.balloonCents === null
        ? 'no balloon payment'
        : 'balloon payment'
      : null,
}

const balloonText = (option: OptionDocument) => orNothing(option.features.balloonCents, formatEntry)

/** A balloon payment. */
function BalloonClause({ after }: { after: string }) {
  const { option, at, change } = useOption()
  const cents = option.features.balloonCents ?? 0
  return (
    <>
      with a balloon payment of{' '}
      <Figure
        label="Balloon payment"
        pointer={`${at}/features/balloonCents`}
        text={balloonText(option)}
        was={useWas()(balloonText)}
        read={readAmount}
        inputMode="decimal"
        take={(balloonCents) => change(withFeatures({ balloonCents }))}
        clear={() => change(withFeatures({ balloonCents: null }))}
        nudge={(steps) =>
          change(withFeatures({ balloonCents: notNegative(cents + steps * AMOUNT_STEP_CENTS) }))
        }
      />{' '}
      <span className="whitespace-nowrap">at the end{after}</span>
    </>
  )
}
