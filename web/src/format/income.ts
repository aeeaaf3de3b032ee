import type { IncomeDocument } from '../api/client'
import { formatEntry } from './amount'
import { formatPercent } from './percent'

/** How often something is earned. */
export const OFTEN = {
  YEARLY: 'a year',
  QUARTERLY: 'a quarter',
  MONTHLY: 'a month',
  SEMI_MONTHLY: 'twice a month',
  BIWEEKLY: 'every two weeks',
  WEEKLY: 'a week',
} as const

/** An income as it is spoken: salary 64,800 a year. */
export function formatIncome({
  name,
  cents,
  per,
  hoursPerWeek,
  countedPercent,
}: Pick<IncomeDocument, 'name' | 'cents' | 'per' | 'hoursPerWeek' | 'countedPercent'>): string {
  const amount = `${formatEntry(cents)} ${per === null ? 'an hour' : OFTEN[per]}`
  const hours = hoursPerWeek === null ? [] : [`${hoursPerWeek} hours`]
  const share = countedPercent === null || countedPercent === 100 ? [] : [formatPercent(countedPercent)]
  return [`${name} ${amount}`.trim(), ...hours, ...share].join(', ')
}
