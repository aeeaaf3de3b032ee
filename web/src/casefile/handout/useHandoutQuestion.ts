import { useMemo } from 'react'
import type { HandoutQuestion } from '../../api/handouts'
import { useOpenCase } from '../CaseContext'
import { fullTitleOf } from '../differences'
import { baselineOf } from '../option'

/** What a hand-out of the case as it stands tells of, its options called as a client can tell them apart. */
export function useHandoutQuestion(): HandoutQuestion {
  const { document, locale, words } = useOpenCase()
  return useMemo(() => {
    const baseline = baselineOf(document)
    return {
      document,
      titles: document.options.map((each) => fullTitleOf(baseline, each, locale, words)),
    }
  }, [document, locale, words])
}
