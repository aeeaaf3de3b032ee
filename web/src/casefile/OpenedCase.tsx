import { Outlet } from '@tanstack/react-router'
import { useMemo, useState } from 'react'
import { useStore } from 'zustand'
import type { CaseView, EvaluationView } from '../api/client'
import { TopBar } from '../app/TopBar'
import { EntriesContext } from '../field/EntriesContext'
import { localeOfCase, MARKETS, marketOf } from '../format/market'
import { useIsLate } from '../ui/useIsLate'
import { beginWork } from './beginWork'
import { CaseContext, type OpenCase } from './CaseContext'
import { CaseIndex } from './CaseIndex'
import { CasePanel } from './CasePanel'
import { CasePlace } from './CasePlace'
import { CaseTitle } from './CaseTitle'
import { workOn } from './desk'
import { HistoryButtons } from './HistoryButtons'
import { OptionScope } from './OptionScope'
import { CaseSaving } from './saving/CaseSaving'
import { OthersNotice } from './saving/OthersNotice'
import { OthersPresent } from './saving/OthersPresent'
import { stalenessOf } from './staleness'
import { useCaseKeys } from './useCaseKeys'
import { useFigures } from './useFigures'
import { useFirstFocus } from './useFirstFocus'
import { useOptionInAddress } from './useOptionInAddress'
import { useShownOption } from './useShownOption'
import './stale.css'

type OpenedCaseProps = {
  opened: CaseView
  /** The state that the server holds now. */
  latest: CaseView
  /** The figures of the state that was opened. */
  evaluation: EvaluationView
}

/** A case at work: its document, figures and saved state, and the view that shows them. */
export function OpenedCase({ opened, latest, evaluation }: OpenedCaseProps) {
  const [work] = useState(() => workOn(opened, beginWork))
  const { store, saver } = work
  const document = useStore(store.store, (state) => state.document)
  const figures = useFigures(store, { answered: opened.document, evaluation })
  const { rested } = figures
  const option = useShownOption(store, figures)
  const isLate = useIsLate(figures.status === 'pending')
  const actions = useCaseKeys(opened.id, store)
  useFirstFocus(store)
  useOptionInAddress(store)

  const staleness = stalenessOf(figures, isLate)
  const openCase = useMemo<OpenCase>(
    () => ({
      id: opened.id,
      store,
      saver,
      document,
      rested,
      staleness,
      problems: figures.problems,
      locale: localeOfCase(document),
      words: MARKETS[marketOf(document)],
      currency: document.currency,
    }),
    [opened.id, store, saver, document, rested, staleness, figures.problems],
  )
  const entries = useMemo(
    () => ({
      ...store,
      claim: store.claims.claim,
      problems: figures.problems,
      where: { currency: document.currency },
    }),
    [store, figures.problems, document.currency],
  )

  return (
    <>
      <title>{`${document.title} · Impendium`}</title>
      <TopBar actions={actions}>
        <CaseTitle store={store} document={document} problems={figures.problems} />
        <OthersPresent id={opened.id} />
        <CasePlace saved={latest} typed={document.clients} />
        <div className="flex items-center gap-1">
          <CaseSaving work={work} figures={figures} />
          <HistoryButtons id={opened.id} store={store} />
        </div>
      </TopBar>
      <OthersNotice work={work} latest={latest} />
      <CaseContext value={openCase}>
        <EntriesContext value={entries}>
          <OptionScope option={option} figures={figures}>
            <div
              data-stale={staleness === null ? undefined : ''}
              className="wide:grid wide:min-h-[calc(100dvh-3.25rem)] wide:grid-cols-[11.25rem_minmax(0,1fr)]"
            >
              <CaseIndex id={opened.id} />
              <main id="main" tabIndex={-1} className="px-4 pt-6 pb-10 mid:px-8 wide:pr-9 wide:pl-10">
                <Outlet />
              </main>
            </div>
            <CasePanel />
          </OptionScope>
        </EntriesContext>
      </CaseContext>
    </>
  )
}
