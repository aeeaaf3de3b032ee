import type { ReactNode } from 'react'
import type { KeptKind } from '../../api/bins'
import type { Market } from '../../format/market'
import type { Seen } from '../keptDraft'

/** A state of one of the practice's rules: a limit set or a programme. */
export type KeptRule<D> = {
  id: string
  revision: number
  rule: D
  /** Whether it says what is published for all, and not the practice's own: it is to be checked before use. */
  isPublic: boolean
  savedAt: string
  savedBy: string
}

/** What every rule says of itself. */
export type AnyRule = { name: string; market: Market; source: string; day: string }

/** One kind of rules: how they are kept, and what they say. */
export type RuleKind<D> = {
  kind: KeptKind
  title: string
  intro: string
  empty: string
  addWords: string
  queryKey: readonly unknown[]
  /** The practice's, by their names. */
  useAll: () => Asked<D>
  /** Every saved state of one, the latest first. */
  useStates: (kept: KeptRule<D>) => Asked<D>
  save: (seen: Pick<KeptRule<D>, 'id' | 'revision'> | null, rule: D) => Promise<unknown>
  /** One to begin with. */
  begin: (market: Market, today: string) => D
  /** What it asks, in one line. */
  summary: (rule: D) => string
  /** The whole of it in lines, for comparing one state with another. */
  lines: (rule: D) => string[]
  editor: (props: EditorProps<D>) => ReactNode
}

type Asked<D> = { data: KeptRule<D>[] | undefined; error: Error | null }

export type EditorProps<D> = {
  /** The state that was opened; null for a rule that is new. */
  seen: Seen | null
  start: D
  close: () => void
}
