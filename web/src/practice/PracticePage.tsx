import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { Refusal, type SettingsDocument } from '../api/client'
import { practiceQuery, savePractice } from '../api/practice'
import { sessionQuery, useIsOwner } from '../app/session'
import { MARKETS, type Market } from '../format/market'
import { BackupState } from './BackupState'
import { JobsState } from './JobsState'
import { MARKET_NOTES } from './marketNotes'
import { PracticeFrame } from './PracticeFrame'
import { PracticeHistory } from './PracticeHistory'
import { PracticeName } from './PracticeName'
import { TimeZone } from './TimeZone'

/** What the practice has chosen once for all its new cases. */
export function PracticePage() {
  const isOwner = useIsOwner()
  const chosen = useQuery(practiceQuery)
  const queries = useQueryClient()
  const choosing = useMutation({
    mutationFn: (wanted: SettingsDocument) => savePractice(chosen.data?.revision ?? 0, wanted),
    onSuccess: (saved) => {
      queries.setQueryData(practiceQuery.queryKey, saved)
      // The advisor's menu says what the practice is called.
      return queries.invalidateQueries({ queryKey: sessionQuery.queryKey })
    },
    onError: (failure) => {
      // What somebody else saved in the meantime is shown: the next choice is made on it.
      if (failure instanceof Refusal && failure.problem.latest) {
        return queries.invalidateQueries({ queryKey: practiceQuery.queryKey })
      }
    },
  })
  const saved = chosen.data?.settings
  // The choice shows at once; where it is refused, the one that stands comes back.
  const shown = choosing.isPending ? choosing.variables : saved
  const error = choosing.error ?? chosen.error
  return (
    <PracticeFrame title="Practice">
      {saved && (
        <PracticeName
          name={saved.name}
          error={choosing.error}
          isSaving={choosing.isPending}
          rename={(name, renamed) => choosing.mutate({ ...saved, name }, { onSuccess: renamed })}
        />
      )}
      <fieldset className="mt-8">
        <legend className="heading">Defaults for new cases</legend>
        <p className="text-soft mt-1">
          Conventions, currency, terms of the trade and usual figures. Each case can choose its own; existing
          cases do not change.
        </p>
        {error && (
          <p role="alert" className="field-problem">
            {error.message}
          </p>
        )}
        <div className="border-rule mt-3 border-t">
          {Object.entries(MARKETS)
            .filter(([each]) => isOwner || shown?.market === each)
            .map(([each, words]) => (
              <label
                key={each}
                className="border-rule flex cursor-pointer items-baseline gap-3 border-b py-3"
              >
                {isOwner && (
                  <input
                    type="radio"
                    name="market"
                    className="accent-act"
                    checked={shown?.market === each}
                    disabled={!shown}
                    onChange={() => shown && choosing.mutate({ ...shown, market: each as Market })}
                  />
                )}
                <span>
                  <span className="text-base font-semibold">{words.name}</span>
                  <span className="text-soft block">
                    {MARKET_NOTES[each as Market]} Ratios are called {words.frontRatio} and {words.backRatio}.
                  </span>
                </span>
              </label>
            ))}
        </div>
      </fieldset>
      {shown && (
        <TimeZone timeZone={shown.timeZone} choose={(timeZone) => choosing.mutate({ ...shown, timeZone })} />
      )}
      {chosen.data && <PracticeHistory latest={chosen.data} />}
      {isOwner && <BackupState />}
      {isOwner && <JobsState />}
    </PracticeFrame>
  )
}
