import type { OptionDocument } from '../../api/client'
import { readTerm } from '../../entry/term'
import { formatTerm } from '../../format/term'
import { Figure } from '../../sentence/Figure'
import { useOption } from '../OptionContext'
import { useOpenCase } from '../CaseContext'
import { withTerms } from '../option'
import { TERM_STEP_MONTHS } from './steps'
import { useWas } from './useWas'
import { FIVE_YEARS_MONTHS, orNothing, saysOtherwise, type Clause } from './clause'

/** A rate fixed for less than the whole term. */
export const rateTerm: Clause = {
  said: ({ terms }) =>
    terms.rateTermMonths === null
      ? []
      : [{ pointer: '/terms/rateTermMonths', say: (after) => <RateTermClause after={after} /> }],
  beginnings: ({ terms }, { words }) =>
    terms.rateTermMonths === null
      ? [
          {
            words: words.ratePeriod,
            change: withTerms({ rateTermMonths: FIVE_YEARS_MONTHS }),
            focus: '/terms/rateTermMonths',
          },
        ]
      : [],
  differs: (baseline, option) =>
    saysOtherwise(baseline, option, ({ terms }) => terms.rateTermMonths) ? 'another fixed-rate period' : null,
}

const rateTermText = (option: OptionDocument) => orNothing(option.terms.rateTermMonths, formatTerm)

/** A rate fixed for less than the whole term. */
function RateTermClause({ after }: { after: string }) {
  const { words } = useOpenCase()
  const { option, at, change } = useOption()
  const months = option.terms.rateTermMonths ?? 0
  return (
    <>
      {words.rateTerm}{' '}
      <Figure
        label={words.ratePeriod}
        after={after}
        pointer={`${at}/terms/rateTermMonths`}
        text={rateTermText(option)}
        was={useWas()(rateTermText)}
        read={readTerm}
        take={(rateTermMonths) => change(withTerms({ rateTermMonths }))}
        clear={() => change(withTerms({ rateTermMonths: null }))}
        nudge={(steps) =>
          change(withTerms({ rateTermMonths: Math.max(1, months + steps * TERM_STEP_MONTHS) }))
        }
      />
    </>
  )
}
