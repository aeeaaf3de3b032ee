import { formatMoment } from '../format/date'
import type { Saving } from './autosave'

type SavedStateProps = { saving: Saving; hasFaultyEntry: boolean }

/** Whether the work is safe, in a few words. */
export function SavedState({ saving, hasFaultyEntry }: SavedStateProps) {
  const isWorrying = hasFaultyEntry || saving.status === 'failed' || saving.status === 'conflict'
  return (
    <span role="status" data-testid="saved" className={isWorrying ? 'text-over font-medium' : 'text-soft'}>
      {hasFaultyEntry ? 'Not saved: an entry needs mending' : wordsFor(saving)}
    </span>
  )
}

function wordsFor(saving: Saving): string {
  switch (saving.status) {
    case 'saved':
      return `Saved ${formatMoment(saving.at, new Date())}`
    case 'typing':
      return 'Not saved yet'
    case 'waiting':
    case 'saving':
      return 'Saving…'
    case 'failed':
      return `Not saved: ${saving.reason}, trying again`
    case 'conflict':
      return 'Not saved: changed by someone else'
  }
}
