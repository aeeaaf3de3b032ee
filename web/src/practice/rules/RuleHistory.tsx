import { formatDayAndTime } from '../../format/moment'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import { TextButton } from '../../ui/TextButton'
import { OwnersOnly } from '../OwnersOnly'
import { changedLines, type AnyRule, type KeptRule, type RuleKind } from './rule'

type RuleHistoryProps<D> = { kind: RuleKind<D>; kept: KeptRule<D> }

/** Every saved state of a rule, with what each changed; an earlier one is brought back as a new state. */
export function RuleHistory<D extends AnyRule>({ kind, kept }: RuleHistoryProps<D>) {
  const queries = useQueryClient()
  const states = kind.useStates(kept)
  const bringing = useMutation({
    mutationFn: (state: KeptRule<D>) => kind.save(kept, state.rule),
    onSuccess: () => queries.invalidateQueries({ queryKey: kind.queryKey }),
  })
  const error = states.error ?? bringing.error
  return (
    <div className="border-rule mt-3 border-l-2 pl-4">
      {error && (
        <p role="alert" className="field-problem">
          {error.message}
        </p>
      )}
      <ol aria-label={`History of ${kept.rule.name}`}>
        {states.data?.map((state, index, all) => (
          <li key={state.revision} className="py-1.5">
            <p className="flex flex-wrap items-baseline gap-x-4">
              <span className="font-medium">{formatDayAndTime(state.savedAt)}</span> {state.savedBy}
              {index > 0 && (
                <OwnersOnly>
                  <TextButton disabled={bringing.isPending} onClick={() => bringing.mutate(state)}>
                    Bring this back
                  </TextButton>
                </OwnersOnly>
              )}
            </p>
            <Changes now={state} before={all[index + 1]} lines={kind.lines} />
          </li>
        ))}
      </ol>
    </div>
  )
}

type ChangesProps<D> = {
  now: KeptRule<D>
  before: KeptRule<D> | undefined
  lines: (rule: D) => string[]
}

function Changes<D>({ now, before, lines }: ChangesProps<D>) {
  if (!before) return <p className="text-soft text-[0.8125rem]">began</p>
  const { added, gone } = changedLines(lines(now.rule), lines(before.rule))
  if (added.length + gone.length === 0) return <p className="text-soft text-[0.8125rem]">nothing changed</p>
  return (
    <ul className="text-[0.8125rem]">
      {gone.map((line) => (
        <li key={line}>
          <span className="text-soft">no longer:</span> <s>{line}</s>
        </li>
      ))}
      {added.map((line) => (
        <li key={line}>
          <span className="text-soft">now:</span> {line}
        </li>
      ))}
    </ul>
  )
}
