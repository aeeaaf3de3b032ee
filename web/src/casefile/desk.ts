import type { CaseView } from '../api/client'
import type { CaseStore } from './caseStore'
import { sameDocument } from './saving/sameDocument'
import type { Saver } from './saving/Saver'
import { forgetUnsaved } from './saving/unsaved'

/** A case that this tab works on: its document with its history, and what saves it. */
export type CaseWork = { store: CaseStore; saver: Saver }

const desk = new Map<string, CaseWork>()

/** The work on a case: as this tab left it, else begun. It goes on saving itself when the case is left. */
export function workOn(opened: CaseView, begin: (opened: CaseView) => CaseWork): CaseWork {
  const work = desk.get(opened.id) ?? begin(opened)
  desk.set(opened.id, work)
  return work
}

/** Whether the server has acknowledged what is held of a case, and nothing is being typed into it. */
export function isSaved({ store, saver }: CaseWork): boolean {
  const { document, entries } = store.store.getState()
  const { base, unacknowledged } = saver.state
  const isTyped = Object.keys(entries).length > 0
  return !isTyped && unacknowledged.length === 0 && sameDocument(document, base.document)
}

/** Whether anything on the desk is not saved. */
export const hasUnsaved = () => [...desk.values()].some((work) => !isSaved(work))

/** Sends at once what waits to be saved. */
export function flushDesk() {
  for (const { saver } of desk.values()) saver.tell({ name: 'due' })
}

/** Puts everything away: nothing of it is saved any more. */
export function clearDesk() {
  for (const { saver } of desk.values()) saver.tell({ name: 'stopped' })
  desk.clear()
  forgetUnsaved()
}

const OWNER = 'impendium.desk'

/** Makes the desk an advisor's, known by email: what another one left in this tab is put away. */
export function claimDesk(advisor: string) {
  if (sessionStorage.getItem(OWNER) === advisor) return
  clearDesk()
  sessionStorage.setItem(OWNER, advisor)
}

window.addEventListener('pagehide', flushDesk)
window.addEventListener('online', flushDesk)
