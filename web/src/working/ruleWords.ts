import type { WorkingView } from '../api/client'
import roundingNotes from '../words/roundingNotes.json'
import rules from '../words/rules.json'

/** The rule in words, as an advisor would say it to a client. */
export const RULE_WORDS: Record<WorkingView['rule'], string> = rules

export const ROUNDING_NOTES: Record<WorkingView['rounding'], string> = roundingNotes
