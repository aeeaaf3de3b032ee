import type { FieldProblem } from '../api/client'
import { usePanel } from '../panel/panelStore'
import type { CaseStore } from './caseStore'
import { fieldOf, focusFigure } from './focusFigure'
import type { View } from './views'

/**
 * Leads to the entry that keeps the case from being saved: to its option, to the view that it is typed in, and into the panel where
 * it stands there.
 *
 * @param goTo opens a view of the case
 */
export function leadToEntry(
  store: CaseStore,
  problems: readonly FieldProblem[],
  goTo: (view: View['to']) => void,
) {
  const { entries } = store.store.getState()
  const unreadable = Object.keys(entries).find((place) => entries[place]?.says === 'unread')
  const place = unreadable ?? problems.find(({ pointer }) => pointer !== null)?.pointer
  if (!place) return
  const [, options, id] = place.split('/')
  if (options === 'options' && id !== undefined) store.select(id)
  if (isInPanel(place)) usePanel.getState().open({ kind: 'costs' })
  else if (fieldOf(place) === null) goTo(viewOf(place))
  focusFigure(place)
}

const isInPanel = (place: string) =>
  place === '/assumptions/homeValuePercent' ||
  /^\/options\/[^/]+\/(housing|closing(?!\/upfrontPremium))\//.test(place)

const VIEWS: readonly (readonly [RegExp, View['to']])[] = [
  [/^\/(household|debts)\//, '/cases/$id/affordability'],
  [/^\/(letting|home)\//, '/cases/$id/rental'],
  [/^\/assumptions\//, '/cases/$id/options'],
  [/^\/handout\//, '/cases/$id/hand-out'],
]

/** The view in which a place of the document is typed. */
export const viewOf = (place: string): View['to'] =>
  VIEWS.find(([places]) => places.test(place))?.[1] ?? '/cases/$id'
