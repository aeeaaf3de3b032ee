import type { CaseView } from '../../api/client'
import { formatMoment } from '../../format/moment'
import type { WorkState } from './workState'

type SavedStateProps = {
  state: WorkState
  /** The state that the server acknowledged last. */
  base: CaseView
  /** Whether all is in it but an entry that cannot be read. */
  isRestSaved: boolean
  /** Leads to the entry that keeps the case from being saved. */
  leadToEntry: () => void
}

/** Whether the work is safe, in a few words. */
export function SavedState({ state, base, isRestSaved, leadToEntry }: SavedStateProps) {
  const isWorrying = !['saved', 'saving', 'typing'].includes(state.name)
  return (
    <span role="status" data-testid="saved" className={isWorrying ? 'text-over font-medium' : 'text-soft'}>
      {state.name === 'faulty' ? (
        <>
          Not saved:{' '}
          <button
            type="button"
            className="font-semibold underline underline-offset-2"
            title={`Saved as of ${formatMoment(base.savedAt, new Date())}; ${isRestSaved ? 'only this entry is missing' : 'what came after is kept in this tab'}.`}
            onClick={leadToEntry}
          >
            fix the marked entry
          </button>
        </>
      ) : (
        wordsFor(state, base)
      )}
    </span>
  )
}

function wordsFor(state: Exclude<WorkState, { name: 'faulty' }>, { savedAt }: CaseView): string {
  switch (state.name) {
    case 'saved':
      return `Saved ${formatMoment(savedAt, new Date())}`
    case 'typing':
      return 'Not saved yet'
    case 'saving':
      return 'Saving…'
    case 'silent':
      return 'Not saved: no connection, trying again'
    case 'failing':
      return `Not saved: ${state.reason}, trying again`
    case 'refused':
      return `Not saved: ${state.reason}`
    case 'conflict':
      return `Not saved: ${state.theirs.savedBy} changed it too`
  }
}
