import { useEffect, useState } from 'react'
import { useStore } from 'zustand'
import type { CaseView } from '../../api/client'
import { formatMoment } from '../../format/moment'
import { isTyping } from '../caseStore'
import type { CaseWork } from '../desk'
import { goOnFrom } from './goOnFrom'
import { merge } from './merge'
import { sameDocument } from './sameDocument'

/**
 * Takes over what was saved elsewhere, and says whose it is: what of ours is not saved yet is merged with it. Where both
 * changed the same place, that is left to be decided when ours is saved.
 *
 * @param latest the state that the server holds now
 */
export function useOthersChanges(work: CaseWork, latest: CaseView): string | null {
  const { store, saver } = work
  const isHalfTyped = useStore(store.store, isTyping)
  const isFinished = useStore(store.store.temporal, (history) => history.isTracking)
  const { phase, base } = useStore(saver.store)
  const [notice, setNotice] = useState<{ words: string; until: number } | null>(null)
  const theirs = phase.name === 'conflict' ? phase.theirs : latest

  useEffect(() => {
    const isNews = theirs.revision > base.revision && phase.name !== 'sending'
    if (!isNews || isHalfTyped || !isFinished) return
    const mine = store.store.getState().document
    const merged = merge(base.document, mine, theirs.document)
    if (merged === null) return
    goOnFrom(work, theirs, merged)
    // eslint-disable-next-line react-hooks/set-state-in-effect -- the notice follows from what was just taken over
    setNotice(noticeOf(theirs, !sameDocument(mine, base.document)))
  }, [theirs, base, phase, isHalfTyped, isFinished, work, store, saver])
  const isTroubled = ['conflict', 'silent', 'failing', 'refused'].includes(phase.name)
  return notice !== null && base.revision <= notice.until && !isTroubled ? notice.words : null
}

/** What is said, and up to which saved state it is news: our own save of what was merged comes right after it. */
function noticeOf({ savedBy, savedByYou, savedAt, revision }: CaseView, isMerged: boolean) {
  const who = savedByYou ? 'You changed this case in another tab' : `${savedBy} changed this case`
  const kept = isMerged ? 'both changes are kept' : 'the new state is shown'
  return {
    words: `${who} at ${formatMoment(savedAt, new Date())}; ${kept}.`,
    until: isMerged ? revision + 1 : revision,
  }
}
