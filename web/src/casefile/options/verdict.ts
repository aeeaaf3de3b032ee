import { answeredOf, type Answer, type Compared, type Comparison } from './compared'

type Answered = Compared & { answer: Answer }

/** Which option costs least as long as it is kept, as codes and figures; the words stand elsewhere. */
export type Verdict =
  | { kind: 'only'; option: Answered }
  /** Several cost the same, and nothing costs less. */
  | { kind: 'tie'; options: readonly Answered[]; areAll: boolean }
  /** The baseline is best; what the next costs more. */
  | { kind: 'baseline'; option: Answered; next: Answered; lessCents: number; moreAMonthCents: number }
  /** Another is best; what it costs less than the baseline, and what more a month. */
  | { kind: 'other'; option: Answered; lessCents: number; moreAMonthCents: number }

export function verdictOf(comparison: Comparison): Verdict {
  const answered = answeredOf(comparison)
  const { base } = comparison
  const best = comparison.view.cheapestThen
    .map((place) => comparison.options[place])
    .filter((option): option is Answered => option?.answer != null)
  const [first] = best
  if (!first || answered.length === 1) return { kind: 'only', option: base }
  if (best.length > 1) return { kind: 'tie', options: best, areAll: best.length === answered.length }
  if (first !== base) {
    return {
      kind: 'other',
      option: first,
      lessCents: costOf(base) - costOf(first),
      moreAMonthCents: monthOf(first) - monthOf(base),
    }
  }
  const next = answered
    .filter((option) => option !== base)
    .reduce((least, option) => (costOf(option) < costOf(least) ? option : least))
  return {
    kind: 'baseline',
    option: first,
    next,
    lessCents: costOf(next) - costOf(first),
    moreAMonthCents: monthOf(next) - monthOf(first),
  }
}

export const costOf = ({ answer }: Answered) => answer.kept.costCents
const monthOf = ({ answer }: Answered) => answer.kept.monthCents
