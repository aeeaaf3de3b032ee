import type { OptionDocument } from '../../api/client'
import { readTerm } from '../../entry/term'
import { formatTerm } from '../../format/term'
import { Figure } from '../../sentence/Figure'
import { useOption } from '../OptionContext'
import { monthsOf, paymentsIn } from '../featureLists'
import { withFeatures } from '../option'
import { TERM_STEP_MONTHS } from './steps'
import { useWas } from './useWas'
import { FIVE_YEARS_MONTHS, orNothing, saysOtherwise, type Clause } from './clause'

/** An interest-only period. */
export const interestOnly: Clause = {
  said: ({ features }) =>
    features.interestOnlyPayments === null
      ? []
      : [{ pointer: '/features/interestOnlyPayments', say: (after) => <InterestOnlyClause after={after} /> }],
  beginnings: ({ features, terms }) =>
    features.interestOnlyPayments === null
      ? [
          {
            words: 'Interest-only period',
            change: withFeatures({ interestOnlyPayments: paymentsIn(FIVE_YEARS_MONTHS, terms.frequency) }),
            focus: '/features/interestOnlyPayments',
          },
        ]
      : [],
  differs: (baseline, option) =>
    saysOtherwise(baseline, option, ({ features }) => features.interestOnlyPayments)
      ? option.features.interestOnlyPayments === null
        ? 'no interest-only period'
        : 'interest-only period'
      : null,
}

const interestOnlyText = ({ features, terms }: OptionDocument) =>
  orNothing(features.interestOnlyPayments, (payments) => formatTerm(monthsOf(payments, terms.frequency)))

/** An interest-only period. */
function InterestOnlyClause({ after }: { after: string }) {
  const { option, at, change } = useOption()
  const { frequency } = option.terms
  const months = monthsOf(option.features.interestOnlyPayments ?? 0, frequency)
  const take = (wanted: number) =>
    change(withFeatures({ interestOnlyPayments: paymentsIn(wanted, frequency) }))
  return (
    <>
      the first{' '}
      <Figure
        label="Interest-only period"
        pointer={`${at}/features/interestOnlyPayments`}
        text={interestOnlyText(option)}
        was={useWas()(interestOnlyText)}
        read={readTerm}
        take={take}
        clear={() => change(withFeatures({ interestOnlyPayments: null }))}
        nudge={(steps) => take(Math.max(TERM_STEP_MONTHS, months + steps * TERM_STEP_MONTHS))}
      />{' '}
      <span className="whitespace-nowrap">interest-only{after}</span>
    </>
  )
}
