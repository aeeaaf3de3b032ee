import type { IncomeDocument } from '../api/client'
import { foreignIn, readAmount, type Where } from './amount'
import { readPercent } from './percent'
import { incomplete, read, unread, type Reading } from './reading'
import { partsOf, splitName } from './spoken'

/** What a line says of an income; the rest of it stays as it was. */
export type SpokenIncome = Pick<IncomeDocument, 'name' | 'cents' | 'per' | 'hoursPerWeek' | 'countedPercent'>

const HELP = 'Say what it is and how often, such as salary 64,800 a year, or 31.50 an hour, 26 hours.'
const MOST_NAME_CHARACTERS = 60
const MOST_COUNTED_PERCENT = 125

/** How often, from the words behind the amount; the first that fits counts. */
const PERIODS: readonly (readonly [RegExp, NonNullable<IncomeDocument['per']> | 'HOUR'])[] = [
  [/^(an|per|every)? ?(hour(ly)?|hr)$/, 'HOUR'],
  [/^(a|per|every)? ?(year(ly)?|yr)$|^annual(ly)?$|^p\.? ?a\.?$/, 'YEARLY'],
  [/^(a|per|every)? ?quarter(ly)?$/, 'QUARTERLY'],
  [/^(twice a month|semi-?monthly|every half month)$/, 'SEMI_MONTHLY'],
  [/^(a|per|every)? ?(month(ly)?|mo)$|^p\.? ?m\.?$/, 'MONTHLY'],
  [/^(every (two|2|other) weeks?|bi-?weekly|(a |per |every )?fortnight(ly)?)$/, 'BIWEEKLY'],
  [/^(a|per|every)? ?(week(ly)?|wk)$|^p\.? ?w\.?$/, 'WEEKLY'],
]

const periodOf = (often: string) => {
  const plain = often.toLowerCase().replace(/^\/\s*/, '')
  return PERIODS.find(([words]) => words.test(plain))?.[1]
}

/** How often, where it is said before the amount: biweekly 2,900, or pay monthly 4,100. */
function oftenBefore(name: string): { name: string; often: string } | null {
  const [, rest = '', often = ''] = /^(.*?)\s*\b(\S+)$/.exec(name) ?? []
  return periodOf(often) === undefined ? null : { name: rest, often }
}

const LEAST_SALARY_CENTS = 10_000_00

/** A salary is told by the year; what is written out behind it says so. */
const isYearly = (name: string, cents: number) => /\bsalary\b/i.test(name) && cents >= LEAST_SALARY_CENTS

/** An income as it is spoken: salary 64,800 a year; 31.50 an hour, 26 hours; overtime 96 a week, 50 %. */
export function readIncome(text: string, _before?: string, where?: Where): Reading<SpokenIncome> {
  const foreign = foreignIn(text, where)
  if (foreign) return foreign
  const [first = '', ...others] = partsOf(text)
  const { name, rest } = splitName(first)
  if (/\b(net|after tax|take[- ]home)\b/i.test(text)) {
    return unread('Net income does not count: enter what is earned before tax.')
  }
  if (name.length > MOST_NAME_CHARACTERS)
    return unread(`A name has at most ${MOST_NAME_CHARACTERS} characters.`)
  const [, figure = '', behind = ''] = /^([^\sa-z/]+[km]?)\s*(.*)$/i.exec(rest) ?? []
  const oftenFirst = behind === '' ? oftenBefore(name) : null
  const often = oftenFirst?.often ?? behind
  const amount = readAmount(figure)
  if (amount.status !== 'read') return figure === '' ? incomplete(HELP) : amount
  const period = periodOf(often) ?? (behind === '' && isYearly(name, amount.value) ? 'YEARLY' : undefined)
  const extras = readExtras(others)
  if (period === undefined) return incomplete(HELP)
  if ('message' in extras) return extras
  const { hoursPerWeek, countedPercent } = extras
  if (period === 'HOUR' && hoursPerWeek === null) {
    return incomplete('Say how many hours a week, such as 31.50 an hour, 26 hours.')
  }
  if (period !== 'HOUR' && hoursPerWeek !== null) return unread('Hours go with what is earned an hour.')
  return read({
    name: oftenFirst?.name ?? name,
    cents: amount.value,
    per: period === 'HOUR' ? null : period,
    hoursPerWeek,
    countedPercent,
  })
}

type Extras = { hoursPerWeek: number | null; countedPercent: number | null }

function readExtras(parts: readonly string[]): Extras | Extract<Reading<never>, { message: string }> {
  let hoursPerWeek: number | null = null
  let countedPercent: number | null = null
  for (const part of parts) {
    const [, hours] = /^(\d{1,3}(?:\.\d{1,2})?) ?(?:h|hours?)(?: a week)?$/i.exec(part) ?? []
    if (hours !== undefined) {
      hoursPerWeek = Number(hours)
      continue
    }
    const percent = readPercent(part)
    if (percent.status !== 'read' || !part.includes('%')) return { status: 'incomplete', message: HELP }
    if (percent.value > MOST_COUNTED_PERCENT) {
      return { status: 'unread', message: `At most ${MOST_COUNTED_PERCENT} % of an income counts.` }
    }
    countedPercent = percent.value
  }
  return { hoursPerWeek, countedPercent }
}
