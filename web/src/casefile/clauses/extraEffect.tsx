import { EXTRA_EFFECT_WORDS } from '../../format/conventions'
import { Choice } from '../../sentence/Choice'
import { useOption } from '../OptionContext'
import { withFeatures } from '../option'
import { useWas } from './useWas'
import { saysOtherwise, type Clause } from './clause'

/** What extras do, said where there are any. */
export const extraEffect: Clause = {
  said: ({ features }) =>
    features.extras.length === 0
      ? []
      : [{ pointer: '/features/extraEffect', say: (after) => <ExtraEffectClause after={after} /> }],
  beginnings: () => [],
  differs: (baseline, option) =>
    saysOtherwise(baseline, option, ({ features }) => features.extraEffect)
      ? 'another effect of extras'
      : null,
}

/** What the extras do to the payments after them. */
function ExtraEffectClause({ after }: { after: string }) {
  const { option, apply } = useOption()
  return (
    <>
      which{' '}
      <span className="whitespace-nowrap">
        <Choice
          label="Effect of extra payments"
          value={option.features.extraEffect ?? 'END_EARLY'}
          was={useWas()((baseline) => baseline.features.extraEffect ?? 'END_EARLY')}
          words={EXTRA_EFFECT_WORDS}
          choose={(extraEffect) => {
            apply(withFeatures({ extraEffect }))
          }}
        />
        {after}
      </span>
    </>
  )
}
