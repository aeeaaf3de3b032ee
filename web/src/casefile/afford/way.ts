import type { OptionChange } from '../option'

/** A way to make it fit: what it asks for, what it costs beside, and how the option is changed by it. */
export type Way = {
  key: string
  /** Before, as and behind its figure. */
  words: readonly [before: string, figure: string, behind: string]
  note: string
  /** How large a change it is, as a share of what is changed. */
  size: number
  /** Absent where nothing of the option is changed by it. */
  change?: OptionChange
}
