import { useMemo } from 'react'
import type { HandoutQuestion } from '../../api/handouts'
import { useOpenCase } from '../CaseContext'
import { titleOf } from '../differences'
import { useOption } from '../OptionContext'
import { baselineOf } from '../option'

/** What a hand-out of the case as it stands tells of: the option that is shown, and its options by their names on the screen. */
export function useHandoutQuestion(): HandoutQuestion {
  const { document, locale, words } = useOpenCase()
  const { option } = useOption()
  return useMemo(() => {
    const baseline = baselineOf(document)
    return {
      document,
      option: Math.max(
        0,
        document.options.findIndex(({ id }) => id === option.id),
      ),
      titles: document.options.map((each) => titleOf(baseline, each, locale, words)),
    }
  }, [document, option.id, locale, words])
}
