import { TextButton } from '../ui/TextButton'
import type { WorkingView } from '../api/client'
import { useOpenPanel } from '../panel/panelStore'
import type { FigureName } from './figureWords'
import { formatQuantity } from './quantity'

/** What a figure that clients set limits to can be kept within. */
const TARGETS: Partial<Record<FigureName, (written: string) => string>> = {
  HOUSING_COST: (result) => `at most ${result} a month`,
  PAYOFF_DATE: (day) => `paid off by ${day}`,
  TOTAL_INTEREST: (result) => `at most ${result} interest`,
}

/** Leads from a figure to what would change it. */
export function SetTarget({ working, locale }: { working: WorkingView; locale: string }) {
  const open = useOpenPanel()
  const target = TARGETS[working.figure]
  if (!target) return null
  const text = formatQuantity(working.result, locale)
  return (
    <p className="mt-2">
      <TextButton onClick={() => open({ kind: 'target', text: target(text) })}>Set a target</TextButton>
    </p>
  )
}
