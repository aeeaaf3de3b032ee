import type { WorkingView } from '../api/client'
import { formatQuantity } from './quantity'
import { FIGURE_WORDS } from './figureWords'
import { nameWords } from './nameWords'
import { ROUNDING_NOTES, RULE_WORDS } from './ruleWords'

/** A working as plain text, to be pasted into a letter. */
export function workingText(working: WorkingView, locale: string): string {
  const lines = [
    `${FIGURE_WORDS[working.figure]}: ${formatQuantity(working.result, locale)}`,
    '',
    RULE_WORDS[working.rule],
    working.formula,
    '',
    ...[...working.inputs, ...working.steps].map(
      (quantity) => `${nameWords(quantity.name)}: ${formatQuantity(quantity, locale)}`,
    ),
    '',
    ROUNDING_NOTES[working.rounding],
  ]
  if (working.source) lines.push(`Source: ${working.source}`)
  if (working.usedIn.length > 0) {
    lines.push(`Used in: ${working.usedIn.map((figure) => FIGURE_WORDS[figure]).join(', ')}`)
  }
  return lines.join('\n')
}
