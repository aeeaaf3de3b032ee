import { saveCase } from '../api/cases'
import type { CaseView } from '../api/client'
import { createCaseStore } from './caseStore'
import { isSaved, type CaseWork } from './desk'
import { baselineOf } from './option'
import { Saver } from './saving/Saver'
import { keepUnsaved, readUnsaved } from './saving/unsaved'

/** Begins work on a case: where a reload cut it off, else from the state that was opened. */
export function beginWork(opened: CaseView): CaseWork {
  const unsaved = readUnsaved(opened.id)
  const { base, unacknowledged, ...state } = unsaved ?? {
    base: opened,
    unacknowledged: [],
    document: opened.document,
    entries: {},
    selected: baselineOf(opened.document).id,
  }
  const store = createCaseStore(state)
  const saver = new Saver(base, unacknowledged, (revision, document) =>
    saveCase(opened.id, revision, document),
  )
  const work = { store, saver }
  const keep = () => {
    const { base: acknowledged, unacknowledged: sent } = saver.state
    keepUnsaved(
      opened.id,
      isSaved(work) ? null : { ...store.asLeft(), base: acknowledged, unacknowledged: sent },
    )
  }
  store.store.subscribe(keep)
  saver.store.subscribe(keep)
  return work
}
