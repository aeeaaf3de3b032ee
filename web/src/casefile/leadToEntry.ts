import type { FieldProblem } from '../api/client'
import type { CaseStore } from './caseStore'
import { focusFigure } from './focusFigure'
import { usePanel } from '../panel/panelStore'

/** Leads to the entry that keeps the case from being saved: to its option, and into the panel where it stands there. */
export function leadToEntry(store: CaseStore, problems: readonly FieldProblem[]) {
  const { entries } = store.store.getState()
  const unreadable = Object.keys(entries).find((place) => entries[place]?.isReadable === false)
  const place = unreadable ?? problems.find(({ pointer }) => pointer !== null)?.pointer
  if (!place) return
  const [, options, id] = place.split('/')
  if (options === 'options' && id !== undefined) store.select(id)
  if (isInPanel(place)) usePanel.getState().open({ kind: 'costs' })
  focusFigure(place)
}

const isInPanel = (place: string) =>
  place.startsWith('/assumptions/') ||
  /^\/options\/[^/]+\/(housing|closing(?!\/upfrontPremium))\//.test(place)
