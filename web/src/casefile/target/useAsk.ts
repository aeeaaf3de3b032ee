import { readTarget } from '../../entry/target'
import { useOpenPanel } from '../../panel/panelStore'
import { useOpenCase } from '../CaseContext'
import { useOption } from '../OptionContext'

/** A bare amount is a value of the figure that it is typed into, and no target. */
const BARE_AMOUNT = /^[^a-z]*[\d,'. ]*\d\s*[km]?$/i

/** Opens a target that is typed into a figure; whether the text was one. */
export function useAsk(): (text: string) => boolean {
  const { locale } = useOpenCase()
  const { figures } = useOption()
  const open = useOpenPanel()
  return (text) => {
    const isTarget =
      !BARE_AMOUNT.test(text.trim()) && readTarget(text, locale, figures.firstPaymentDate).status === 'read'
    if (isTarget) open({ kind: 'target', text })
    return isTarget
  }
}
