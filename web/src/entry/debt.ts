import type { DebtDocument } from '../api/client'
import { readAmount } from './amount'
import { readPercent } from './percent'
import { incomplete, read, unread, type Reading } from './reading'
import { partsOf, splitName } from './spoken'

/** What a line says of a debt; the rest of it stays as it was. */
export type SpokenDebt = Omit<DebtDocument, 'id'>

type Kind = NonNullable<DebtDocument['kind']>

const HELP = 'Say what it is and what is paid a month, such as car 412, 31 months, 11,900.'
const MOST_NAME_CHARACTERS = 60
const OWED = / owed$/i

/** What a debt is, from what it is called; the first that fits counts. */
const KINDS: readonly (readonly [RegExp, Kind])[] = [
  [/\bcards?\b/i, 'CARD'],
  [/\bstudent\b/i, 'STUDENT_LOAN'],
  [/\b(support|alimony|maintenance)\b/i, 'SUPPORT'],
  [/\b(utilit(y|ies)|phone|mobile|insurance|electric(ity)?|gas|water|internet|council tax)\b/i, 'BILL'],
]

/** What a debt of this name most often is. */
export const kindOf = (name: string): Kind => KINDS.find(([words]) => words.test(name))?.[1] ?? 'LOAN'

/**
 * A debt as it is spoken: car 412, 31 months, 11,900; support 240; student 19,410, for which no payment is reported. The first
 * amount is what is paid a month, the second what is owed; an amount that is said to be owed is that, and a student loan with one
 * amount owes it.
 */
export function readDebt(text: string): Reading<SpokenDebt> {
  const [first = '', ...others] = partsOf(text)
  const { name, rest } = splitName(first)
  if (name.length > MOST_NAME_CHARACTERS)
    return unread(`A name has at most ${MOST_NAME_CHARACTERS} characters.`)
  if (rest === '') return incomplete(HELP)
  const isOwed = OWED.test(rest)
  const amount = readAmount(rest.replace(OWED, '').replace(/ (a|per) month$/i, ''))
  if (amount.status !== 'read') return amount
  const kind = kindOf(name)
  const debt: SpokenDebt = {
    name,
    kind,
    paymentCents: isOwed ? null : amount.value,
    balanceCents: isOwed ? amount.value : null,
    ratePercent: null,
    paymentsLeft: null,
    // Typed by hand, it is no longer what a report says.
    simulated: null,
  }
  for (const part of others) {
    const problem = readPart(part, debt)
    if (problem) return problem
  }
  const owesOnly = kind === 'STUDENT_LOAN' && debt.balanceCents === null
  return read(owesOnly ? { ...debt, paymentCents: null, balanceCents: amount.value } : debt)
}

function readPart(part: string, debt: SpokenDebt): Exclude<Reading<never>, { status: 'read' }> | null {
  const [, left] = /^(\d{1,3}) ?(?:m|months?|payments?)(?: left)?$/i.exec(part) ?? []
  if (left !== undefined) {
    debt.paymentsLeft = Number(left)
    return null
  }
  if (part.includes('%')) {
    const rate = readPercent(part)
    if (rate.status !== 'read') return rate
    debt.ratePercent = rate.value
    return null
  }
  const balance = readAmount(part.replace(OWED, ''))
  if (balance.status !== 'read') return balance
  debt.balanceCents = balance.value
  return null
}
