import type { PaymentStepDocument, RateChangeDocument } from '../../api/client'
import { readAmount } from '../../entry/amount'
import { readPercent } from '../../entry/percent'
import { formatEntry } from '../../format/amount'
import { formatPercent } from '../../format/percent'
import { Figure } from '../../sentence/Figure'
import { useOption } from '../OptionContext'
import { withEntry, withoutEntry } from '../clauses'
import { EXTRA_STEP_CENTS, notNegative, RATE_STEP_PERCENT, settled } from './steps'
import { TimeFigure } from './TimeFigure'
import { fromOf } from './timeText'
import { useWas } from './useWas'

type RateChangeClauseProps = { rateChange: RateChangeDocument; after: string }

/** Another rate from a point on. */
export function RateChangeClause(props: RateChangeClauseProps) {
  return (
    <>
      then at <RateChangeFigures {...props} />
    </>
  )
}

/** A rate change's figures, in the sentence and in the list of rate changes. */
export function RateChangeFigures({ rateChange, after }: RateChangeClauseProps) {
  const { at, change } = useOption()
  const here = `${at}/features/rateChanges/${rateChange.id}`
  const was = useWas()(
    (baseline) => baseline.features.rateChanges.find(({ id }) => id === rateChange.id) ?? null,
  )
  return (
    <>
      <Figure
        label="Changed rate"
        pointer={`${here}/ratePercent`}
        text={formatPercent(rateChange.ratePercent)}
        was={was === undefined ? undefined : was === null ? '' : formatPercent(was.ratePercent)}
        read={readPercent}
        inputMode="decimal"
        take={(ratePercent) => change(withEntry('rateChanges', rateChange.id, { ratePercent }))}
        clear={() => change(withoutEntry('rateChanges', rateChange.id))}
        nudge={(steps) =>
          change(
            withEntry('rateChanges', rateChange.id, {
              ratePercent: settled(rateChange.ratePercent + steps * RATE_STEP_PERCENT),
            }),
          )
        }
      />{' '}
      from{' '}
      <TimeFigure
        label="Rate change from"
        pointer={here}
        also={[`${here}/fromDay`, `${here}/fromPayment`]}
        time={{ payment: rateChange.fromPayment, day: rateChange.fromDay }}
        was={was && { payment: was.fromPayment, day: was.fromDay }}
        take={(time) => change(withEntry('rateChanges', rateChange.id, fromOf(time)))}
        after={after}
      />
    </>
  )
}

type PaymentStepClauseProps = { step: PaymentStepDocument; after: string }

/** Another chosen payment from a point on. */
export function PaymentStepClause({ step, after }: PaymentStepClauseProps) {
  const { at, change } = useOption()
  const here = `${at}/features/paymentSteps/${step.id}`
  const was = useWas()((baseline) => baseline.features.paymentSteps.find(({ id }) => id === step.id) ?? null)
  return (
    <>
      then paying{' '}
      <Figure
        label="Changed payment"
        pointer={`${here}/cents`}
        text={formatEntry(step.cents)}
        was={was === undefined ? undefined : was === null ? '' : formatEntry(was.cents)}
        read={readAmount}
        inputMode="decimal"
        take={(cents) => change(withEntry('paymentSteps', step.id, { cents }))}
        clear={() => change(withoutEntry('paymentSteps', step.id))}
        nudge={(steps) =>
          change(
            withEntry('paymentSteps', step.id, { cents: notNegative(step.cents + steps * EXTRA_STEP_CENTS) }),
          )
        }
      />{' '}
      from{' '}
      <TimeFigure
        label="Payment change from"
        pointer={here}
        also={[`${here}/fromDay`, `${here}/fromPayment`]}
        time={{ payment: step.fromPayment, day: step.fromDay }}
        was={was && { payment: was.fromPayment, day: was.fromDay }}
        take={(time) => change(withEntry('paymentSteps', step.id, fromOf(time)))}
        after={after}
      />
    </>
  )
}
