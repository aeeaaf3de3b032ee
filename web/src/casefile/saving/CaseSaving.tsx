import { useNavigate } from '@tanstack/react-router'
import { useStore } from 'zustand'
import { keepWhatGaveWay } from '../../api/history'
import type { CaseWork } from '../desk'
import { leadToEntry } from '../leadToEntry'
import type { Figures } from '../useFigures'
import type { View } from '../views'
import { ConflictDialog } from './ConflictDialog'
import { goOnFrom } from './goOnFrom'
import { mergeBy } from './merge'
import { sameDocument } from './sameDocument'
import { SavedState } from './SavedState'
import { useSaving } from './useSaving'

type CaseSavingProps = { work: CaseWork; figures: Figures }

/** Saves the open case, tells whether it is safe, and asks where it cannot be. What it learns redraws nothing else. */
export function CaseSaving({ work, figures }: CaseSavingProps) {
  const { store, saver } = work
  const document = useStore(store.store, (state) => state.document)
  const { base, unacknowledged } = useStore(saver.store)
  const saving = useSaving(work, figures)
  const navigate = useNavigate()
  const goTo = (to: View['to']) => void navigate({ to, params: { id: base.id }, search: true })
  return (
    <>
      <SavedState
        state={saving}
        base={base}
        isRestSaved={unacknowledged.length === 0 && sameDocument(document, base.document)}
        leadToEntry={() => leadToEntry(store, figures.problems, goTo)}
      />
      {saving.name === 'conflict' && (
        <ConflictDialog
          base={base.document}
          mine={document}
          theirs={saving.theirs}
          goOn={(chosen) => {
            const own = mergeBy(() => 'mine', base.document, document, saving.theirs.document)
            // Undo has it in this tab; the history has it for everybody.
            if (!sameDocument(chosen, own)) {
              void keepWhatGaveWay(saving.theirs.id, document).catch(() => undefined)
            }
            goOnFrom(work, saving.theirs, chosen)
          }}
        />
      )}
    </>
  )
}
