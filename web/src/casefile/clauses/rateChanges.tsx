import type { RateChangeDocument } from '../../api/client'
import { addMonths } from '../../entry/date'
import { readRate } from '../../entry/percent'
import { formatPercent } from '../../format/percent'
import { Figure } from '../../sentence/Figure'
import { useOption } from '../OptionContext'
import { addRateChange, withEntry, withoutEntry } from '../featureLists'
import { newId } from '../newId'
import { RATE_STEP_PERCENT, settled } from './steps'
import { TimeFigure } from './TimeFigure'
import { fromOf } from './timeText'
import { useWas } from './useWas'
import { FIVE_YEARS_MONTHS, saysOtherwise, type Clause } from './clause'

/** Other rates from points on. */
export const rateChanges: Clause = {
  said: ({ features }) =>
    features.rateChanges.map((change) => ({
      pointer: `/features/rateChanges/${change.id}`,
      say: (after) => <RateChangeClause rateChange={change} after={after} />,
    })),
  beginnings: ({ terms }, { figures }) => {
    const id = newId()
    const day = addMonths(figures.firstPaymentDate, FIVE_YEARS_MONTHS)
    return [
      {
        words: 'Rate change',
        change: addRateChange(id, terms.ratePercent, { payment: null, day }),
        focus: `/features/rateChanges/${id}/ratePercent`,
      },
    ]
  },
  differs: (baseline, option) =>
    saysOtherwise(baseline, option, ({ features }) => features.rateChanges)
      ? option.features.rateChanges.length > 0
        ? 'rate changes'
        : 'no rate changes'
      : null,
}

type RateChangeClauseProps = { rateChange: RateChangeDocument; after: string }

/** Another rate from a point on. */
function RateChangeClause(props: RateChangeClauseProps) {
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
        read={readRate}
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
