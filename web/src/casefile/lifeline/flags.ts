import type { Milestone } from '../../api/client'
import { WHOLE_OPTION } from '../../api/workings'
import type { MarketWords } from '../../format/market'
import type { ShownFigure } from '../../panel/panelStore'
import milestones from '../../words/milestones.json'

const KIND_WORDS: Record<Milestone['kind'], string> = milestones

export const milestoneWords = (kind: Milestone['kind'], words: MarketWords) =>
  kind === 'INSURANCE_ENDS' ? `${words.mortgageInsurance.toLowerCase()} ends` : KIND_WORDS[kind]

/** The figure that a milestone tells, and of what. */
export function milestoneFigure({ kind, payment }: Milestone): ShownFigure {
  const subject = { of: 'line', line: payment } as const
  switch (kind) {
    case 'REDUCED_PAYMENTS_END':
    case 'INTEREST_ONLY_ENDS':
    case 'RATE_CHANGES':
    case 'PAYMENT_STEPS_UP':
    case 'PAYMENT_STEPS_DOWN':
      return { figure: 'LINE_PAYMENT', subject }
    case 'LUMP_PAID':
    case 'EXTRAS_BEGIN':
      return { figure: 'LINE_EXTRA', subject }
    case 'RATE_TERM_ENDS':
      return { figure: 'RATE_END_BALANCE', subject: WHOLE_OPTION }
    case 'INSURANCE_ON_REQUEST':
      return { figure: 'INSURANCE_ON_REQUEST', subject: WHOLE_OPTION }
    case 'INSURANCE_ENDS':
      return { figure: 'INSURANCE_END', subject: WHOLE_OPTION }
    case 'MORE_PRINCIPAL_THAN_INTEREST':
      return { figure: 'MORE_PRINCIPAL_FROM', subject: WHOLE_OPTION }
    case 'HALF_REPAID':
      return { figure: 'HALF_REPAID_ON', subject: WHOLE_OPTION }
    case 'PAID_OFF':
      return { figure: 'PAYOFF_DATE', subject: WHOLE_OPTION }
  }
}

/** A flag with its place: where it stands, its words, and in which row they are; no row where none is free. */
export type Flag = {
  payment: number
  milestones: readonly Milestone[]
  words: string
  x: number
  row: number | null
  toLeft: boolean
}

const CHARACTER_PX = 6.3
const GAP_PX = 14
const ROWS = 3

/** Lays the milestones' words out under a picture so that none covers another. */
export function flagsOf(
  milestones: readonly Milestone[],
  agreed: number,
  widthPx: number,
  say: (milestone: Milestone) => string,
): Flag[] {
  const taken: [number, number][][] = Array.from({ length: ROWS }, () => [])
  // From the right: words stand to the right of their mark, so that no later mark runs down through them.
  const fromTheRight = grouped(milestones).reverse()
  return fromTheRight.map(([payment, group]) => {
    const words = group.map(say).join(', ')
    const x = ((payment - 0.5) / agreed) * widthPx
    const width = words.length * CHARACTER_PX + GAP_PX
    const toLeft = x + width > widthPx
    const span: [number, number] = toLeft ? [x - width, x] : [x, x + width]
    const row = taken.findIndex((others) => others.every(([from, to]) => span[1] <= from || span[0] >= to))
    if (span[0] < -GAP_PX || row < 0) return { payment, milestones: group, words, x, row: null, toLeft }
    taken[row]?.push(span)
    return { payment, milestones: group, words, x, row, toLeft }
  })
}

function grouped(milestones: readonly Milestone[]): [number, Milestone[]][] {
  const groups = new Map<number, Milestone[]>()
  for (const milestone of milestones) {
    groups.set(milestone.payment, [...(groups.get(milestone.payment) ?? []), milestone])
  }
  return [...groups]
}
