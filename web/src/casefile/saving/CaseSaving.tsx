import { useStore } from 'zustand'
import { keepWhatGaveWay } from '../../api/history'
import type { CaseWork } from '../desk'
import { leadToEntry } from '../leadToEntry'
import type { Figures } from '../useFigures'
import { ConflictDialog } from './ConflictDialog'
import { SavedState } from './SavedState'
import { useSaving } from './useSaving'

type CaseSavingProps = { work: CaseWork; figures: Figures }

/** Saves the open case, tells whether it is safe, and asks where it cannot be. What it learns redraws nothing else. */
export function CaseSaving({ work, figures }: CaseSavingProps) {
  const { store, saver } = work
  const document = useStore(store.store, (state) => state.document)
  const base = useStore(saver.store, (state) => state.base)
  const saving = useSaving(work, figures)
  return (
    <>
      <SavedState state={saving} base={base} leadToEntry={() => leadToEntry(store, figures.problems)} />
      {saving.name === 'conflict' && (
        <ConflictDialog
          mine={document}
          theirs={saving.theirs}
          keepMine={() => saver.tell({ name: 'overwritten' })}
          keepTheirs={() => {
            // Undo has it in this tab; the history has it for everybody.
            void keepWhatGaveWay(saving.theirs.id, document).catch(() => undefined)
            saver.tell({ name: 'adopted', view: saving.theirs })
            store.adopt(saving.theirs.document)
          }}
        />
      )}
    </>
  )
}
