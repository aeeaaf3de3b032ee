import { useMutation, useQueryClient } from '@tanstack/react-query'
import { formatDayAndTime } from '../format/moment'
import { TextButton } from '../ui/TextButton'
import { changedLines } from './changedLines'
import { OwnersOnly } from './OwnersOnly'

/** A saved state of something that the practice keeps. */
export type SavedState = { revision: number; savedAt: string; savedBy: string }

export type ItemHistoryProps<S> = {
  /** What it is the history of. */
  name: string
  /** Every saved state, the latest first. */
  states: { data: readonly S[] | undefined; error: Error | null }
  /** The whole of a state in lines, for comparing one with another. */
  lines: (state: S) => string[]
  /** Saves an earlier one as the latest. */
  bringBack: (state: S) => Promise<unknown>
  /** Of what shows the latest. */
  queryKey: readonly unknown[]
}

/** Every saved state of something, with what each changed; an earlier one is brought back as a new state. */
export function ItemHistory<S extends SavedState>(props: ItemHistoryProps<S>) {
  const { name, states, lines, bringBack, queryKey } = props
  const queries = useQueryClient()
  const bringing = useMutation({
    mutationFn: bringBack,
    // Where somebody saved another in the meantime, that is shown, and the next try is made over it.
    onSettled: () => queries.invalidateQueries({ queryKey }),
  })
  const error = states.error ?? bringing.error
  return (
    <div className="border-rule mt-3 border-l-2 pl-4">
      {error && (
        <p role="alert" className="field-problem">
          {error.message}
        </p>
      )}
      <ol aria-label={`History of ${name}`}>
        {states.data?.map((state, index, all) => {
          const before = all[index + 1]
          return (
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
              {before ? (
                <Changes now={lines(state)} before={lines(before)} />
              ) : (
                <p className="text-soft text-[0.8125rem]">began</p>
              )}
            </li>
          )
        })}
      </ol>
    </div>
  )
}

function Changes({ now, before }: { now: string[]; before: string[] }) {
  const { added, gone } = changedLines(now, before)
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
