import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { limitSetsQuery, limitSetStatesQuery, saveLimitSet } from '../../api/affordability'
import type { LimitSetView } from '../../api/client'
import { TextButton } from '../../ui/TextButton'
import { changedLines } from './setWords'

/** Every saved state of a set, with what each changed; an earlier one is brought back as a new state. */
export function SetHistory({ view }: { view: LimitSetView }) {
  const queries = useQueryClient()
  const states = useQuery(limitSetStatesQuery(view))
  const bringing = useMutation({
    mutationFn: (state: LimitSetView) => saveLimitSet(view, state.set),
    onSuccess: () => queries.invalidateQueries({ queryKey: limitSetsQuery.queryKey }),
  })
  const error = states.error ?? bringing.error
  return (
    <div className="border-rule mt-3 border-l-2 pl-4">
      {error && (
        <p role="alert" className="field-problem">
          {error.message}
        </p>
      )}
      <ol aria-label={`History of ${view.set.name}`}>
        {states.data?.map((state, index, all) => (
          <li key={state.revision} className="py-1.5">
            <p className="flex flex-wrap items-baseline gap-x-4">
              <span className="font-medium">{written(state.savedAt)}</span> {state.savedBy}
              {index > 0 && (
                <TextButton disabled={bringing.isPending} onClick={() => bringing.mutate(state)}>
                  Bring this back
                </TextButton>
              )}
            </p>
            <Changes state={state} before={all[index + 1]} />
          </li>
        ))}
      </ol>
    </div>
  )
}

function Changes({ state, before }: { state: LimitSetView; before: LimitSetView | undefined }) {
  if (!before) return <p className="text-soft text-[0.8125rem]">began</p>
  const { added, gone } = changedLines(state.set, before.set)
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

const written = (instant: string) =>
  new Date(instant).toLocaleString(navigator.language, { dateStyle: 'medium', timeStyle: 'short' })
