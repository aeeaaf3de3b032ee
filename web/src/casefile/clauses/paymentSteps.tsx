import type { PaymentStepDocument } from '../../api/client'
import { readAmount } from '../../entry/amount'
import { addMonths } from '../../entry/date'
import { formatEntry } from '../../format/amount'
import { Figure } from '../../sentence/Figure'
import { useOption } from '../OptionContext'
import { addPaymentStep, withEntry, withoutEntry } from '../featureLists'
import { newId } from '../newId'
import { EXTRA_STEP_CENTS, notNegative } from './steps'
import { TimeFigure } from './TimeFigure'
import { fromOf } from './timeText'
import { useWas } from './useWas'
import { FIVE_YEARS_MONTHS, nextRound, saysOtherwise, type Clause } from './clause'

/** Other chosen payments from points on. */
export const paymentSteps: Clause = {
  said: ({ features }) =>
    features.paymentSteps.map((step) => ({
      pointer: `/features/paymentSteps/${step.id}`,
      say: (after) => <PaymentStepClause step={step} after={after} />,
    })),
  beginnings: (_, { figures }) => {
    const id = newId()
    const day = addMonths(figures.firstPaymentDate, FIVE_YEARS_MONTHS)
    return [
      {
        words: 'Payment change',
        change: addPaymentStep(id, nextRound(figures.paymentCents), { payment: null, day }),
        focus: `/features/paymentSteps/${id}/cents`,
      },
    ]
  },
  differs: (baseline, option) =>
    saysOtherwise(baseline, option, ({ features }) => features.paymentSteps)
      ? option.features.paymentSteps.length > 0
        ? 'payment changes'
        : 'no payment changes'
      : null,
}

type PaymentStepClauseProps = { step: PaymentStepDocument; after: string }

/** Another chosen payment from a point on. */
function PaymentStepClause({ step, after }: PaymentStepClauseProps) {
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
