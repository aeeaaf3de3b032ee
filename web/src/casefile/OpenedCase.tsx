import { Outlet, useNavigate } from '@tanstack/react-router'
import { useEffect, useMemo, useState } from 'react'
import { useStore } from 'zustand'
import type { CaseView, EvaluationView } from '../api/client'
import type { KeyAction } from '../app/keys'
import { TopBar } from '../app/TopBar'
import { formatMoment } from '../format/date'
import { localeOfCase, MARKETS, marketOf } from '../format/market'
import { CaseContext, type OpenCase } from './CaseContext'
import { CaseTitle } from './CaseTitle'
import { ConflictDialog } from './ConflictDialog'
import { createCaseStore, selectedOf } from './caseStore'
import { CaseIndex } from './CaseIndex'
import { useCostsDrawer } from './loan/costsDrawer'
import { CostsDrawer } from './loan/CostsDrawer'
import { SentenceHead } from './SentenceHead'
import { WishPanel } from './wish/WishPanel'
import { useWishPanel } from './wish/wishPanel'
import { WorkingPanel } from '../working/WorkingPanel'
import { useWorkingPanel } from '../working/workingPanel'
import { baselineOf } from './option'
import { SavedState } from './SavedState'
import { readUnsaved } from './unsaved'
import { useAutosave } from './useAutosave'
import { useFigures, type Figures } from './useFigures'

type OpenedCaseProps = {
  opened: CaseView
  /** The state that the server holds now. */
  latest: CaseView
  /** The figures of the state that was opened. */
  evaluation: EvaluationView
}

/** A case at work: its document, figures and saved state, and the view that shows them. */
export function OpenedCase({ opened, latest, evaluation }: OpenedCaseProps) {
  const [{ store, base }] = useState(() => openStore(opened))
  const document = useStore(store.store, (state) => state.document)
  const figures = useFigures(store, evaluation)
  const { saving, autosave } = useAutosave(base, store, figures)
  const notice = useOthersChanges(latest, store, autosave)
  const selected = useStore(store.store, selectedOf)
  const openDrawer = useCostsDrawer((drawer) => drawer.open)
  const openWish = useWishPanel((panel) => panel.open)
  useClosedPanels()
  const navigate = useNavigate()
  const actions = useMemo<KeyAction[]>(
    () => [
      { keys: 'Ctrl+Z', does: 'undo', run: store.undo },
      { keys: 'Ctrl+Shift+Z', does: 'redo', run: store.redo },
      { keys: 'c', does: 'costs and conventions', run: openDrawer },
      { keys: 'g', does: 'a wish to stay within', run: () => openWish('') },
      {
        keys: '1',
        does: 'to the loan',
        run: () => void navigate({ to: '/cases/$id', params: { id: opened.id } }),
      },
      {
        keys: '2',
        does: 'to the lifeline',
        run: () => void navigate({ to: '/cases/$id/lifeline', params: { id: opened.id } }),
      },
    ],
    [store, openDrawer, openWish, navigate, opened.id],
  )

  const option = document.options[selected] ?? baselineOf(document)
  // An option begun a moment ago has no figures yet: those of the last one stand in.
  const optionFigures = figures.evaluation.options[selected] ?? figures.evaluation.options.at(-1)
  if (!optionFigures) throw new Error('an evaluation holds one entry for each option')
  const openCase: OpenCase = {
    store,
    document,
    answered: figures.answered,
    option,
    selected,
    at: `/options/${selected}`,
    baseline: baselineOf(document),
    figures: optionFigures,
    staleness: stalenessOf(figures),
    problems: figures.problems,
    locale: localeOfCase(document),
    words: MARKETS[marketOf(document)],
    currency: document.currency,
  }

  return (
    <>
      <title>{`${document.title} · Impendium`}</title>
      <TopBar actions={actions}>
        <CaseTitle store={store} document={document} problems={figures.problems} />
        <div className="flex items-center gap-1">
          <SavedState saving={saving} hasFaultyEntry={figures.hasFaultyEntry} />
          <HistoryButtons store={store} />
        </div>
      </TopBar>
      {notice && (
        <p role="status" className="bg-act-tint px-8 py-1.5 text-center">
          {notice}
        </p>
      )}
      <CaseContext value={openCase}>
        <div className="wide:grid wide:min-h-[calc(100dvh-3.25rem)] wide:grid-cols-[11.25rem_minmax(0,1fr)]">
          <CaseIndex id={opened.id} />
          <main className="px-4 pt-6 pb-10 mid:px-8 wide:pr-9 wide:pl-10">
            <SentenceHead />
            <Outlet />
          </main>
        </div>
        <CostsDrawer />
        <WorkingPanel />
        <WishPanel />
      </CaseContext>
      {saving.status === 'conflict' && (
        <ConflictDialog
          theirs={saving.theirs}
          keepMine={() => autosave.overwrite(saving.theirs)}
          takeTheirs={() => {
            store.adopt(saving.theirs.document)
            autosave.adopt(saving.theirs)
          }}
        />
      )}
    </>
  )
}

/** The store of a case, from what this tab had not saved yet where there is such. */
function openStore(opened: CaseView) {
  const unsaved = readUnsaved(opened.id)
  return {
    store: createCaseStore(unsaved ?? { document: opened.document, entries: {}, selected: 0 }),
    base: unsaved ? { ...opened, revision: unsaved.revision } : opened,
  }
}

function stalenessOf({ hasFaultyEntry, status }: Figures): string | null {
  if (hasFaultyEntry) return 'The figures below are those of the last entries that had an answer.'
  return status === 'unreachable'
    ? 'The server does not answer: the figures below are the last ones it gave.'
    : null
}

type Store = ReturnType<typeof createCaseStore>

/** Takes over what someone else saved while nothing of ours waits, and says whose it is. */
function useOthersChanges(
  latest: CaseView,
  store: Store,
  autosave: ReturnType<typeof useAutosave>['autosave'],
) {
  const [notice, setNotice] = useState<string | null>(null)
  useEffect(() => {
    const isNews = latest.revision > autosave.saved.revision
    const isIdle = autosave.isClean && store.store.getState().document === autosave.saved.document
    if (!isNews || !isIdle) return
    store.adopt(latest.document)
    autosave.adopt(latest)
    // eslint-disable-next-line react-hooks/set-state-in-effect -- the notice follows from what was just taken over
    setNotice(
      `${latest.savedBy} changed this case at ${formatMoment(latest.savedAt, new Date())}; here is the new state.`,
    )
  }, [latest, store, autosave])
  return notice
}

/** Closes with the case what stands open beside it: it speaks of this case alone. */
function useClosedPanels() {
  const closeDrawer = useCostsDrawer((drawer) => drawer.close)
  const closeWish = useWishPanel((panel) => panel.close)
  const closeWorking = useWorkingPanel((panel) => panel.close)
  useEffect(
    () => () => {
      closeDrawer()
      closeWish()
      closeWorking()
    },
    [closeDrawer, closeWish, closeWorking],
  )
}

function HistoryButtons({ store }: { store: Store }) {
  const past = useStore(store.store.temporal, (history) => history.pastStates.length)
  const future = useStore(store.store.temporal, (history) => history.futureStates.length)
  return (
    <>
      <button type="button" className="button-quiet" disabled={past === 0} onClick={store.undo}>
        Undo
      </button>
      <button type="button" className="button-quiet" disabled={future === 0} onClick={store.redo}>
        Redo
      </button>
    </>
  )
}
