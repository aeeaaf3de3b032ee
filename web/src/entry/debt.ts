import type { DebtDocument } from '../api/client'
import { foreignIn, readAmount, type Where } from './amount'
import { readPercent } from './percent'
import { incomplete, read, unread, type Reading } from './reading'
import { partsOf, splitName } from './spoken'

/** What a line says of a debt; the rest of it stays as it was. */
export type SpokenDebt = Omit<DebtDocument, 'id'>

type Kind = NonNullable<DebtDocument['kind']>

const HELP = 'Say what it is and what is paid a month, such as car 412, 31 months, 11,900.'
const MOST_NAME_CHARACTERS = 60
const OWED = /\s*(?:owed|balance|owing)$|^(?:balance|owes?) (?:of )?/i

/** What a debt is, from what it is called; the first that fits counts. */
const KINDS: readonly (readonly [RegExp, Kind])[] = [
  [/\bcards?\b/i, 'CARD'],
  [/\bstudent\b/i, 'STUDENT_LOAN'],
  [/\b(lease|leasing)\b/i, 'LEASE'],
  [/\b(support|alimony|maintenance)\b/i, 'SUPPORT'],
  [/\b(utilit(y|ies)|phone|mobile|insurance|electric(ity)?|gas|water|internet|council tax)\b/i, 'BILL'],
]

/** What a debt of this name most often is. */
export const kindOf = (name: string): Kind => KINDS.find(([words]) => words.test(name))?.[1] ?? 'LOAN'

/** What of a debt an amount says it is. */
type Said = 'payment' | 'balance' | 'amount'

/**
 * A debt as it is spoken: car 412, 31 months, 11,900; support 240; student 19,410, for which no payment is reported. An amount that is
 * said to be a month's, owed or a balance is that; else the first is what is paid a month and the second what is owed, but a
 * student loan with one bare amount owes it.
 */
export function readDebt(text: string, _before?: string, where?: Where): Reading<SpokenDebt> {
  const foreign = foreignIn(text, where)
  if (foreign) return foreign
  const [first = '', ...others] = partsOf(withCommas(text))
  const { name: said, rest } = splitName(first)
  const name = said.replace(BALANCE_NAME, '').trim()
  if (name.length > MOST_NAME_CHARACTERS)
    return unread(`A name has at most ${MOST_NAME_CHARACTERS} characters.`)
  if (rest === '') return incomplete(HELP)
  const kind = kindOf(name)
  const debt: SpokenDebt = {
    name,
    kind,
    paymentCents: null,
    balanceCents: null,
    ratePercent: null,
    paymentsLeft: null,
    // Typed by hand, it is no longer what a report says.
    simulated: null,
  }
  const bare: number[] = []
  for (const part of [BALANCE_NAME.test(said) ? `${rest} owed` : rest, ...others]) {
    const problem = readPart(part, debt, bare)
    if (problem) return problem
  }
  return read(withBare(debt, bare))
}

/** Puts amounts that do not say what they are where there is room: the payment first, what is owed second. */
function withBare(debt: SpokenDebt, [one, other]: readonly number[]): SpokenDebt {
  if (one === undefined) return debt
  if (other !== undefined) return { ...debt, paymentCents: one, balanceCents: other }
  const owesOnly = debt.kind === 'STUDENT_LOAN' && debt.balanceCents === null && debt.paymentCents === null
  return owesOnly || debt.paymentCents !== null
    ? { ...debt, balanceCents: debt.balanceCents ?? one }
    : { ...debt, paymentCents: one }
}

/** Payments left are often said without a comma before them: car loan 410 a month 22 payments left. */
const withCommas = (text: string) =>
  text.replace(/(month|mo|monthly|\d|owed|%)\s+(?=\d{1,3} ?(?:m|months?|payments?)(?: left)?\b)/gi, '$1, ')

const BALANCE_NAME = /\s*\bbalance(?: of)?$/i
const PAID = /\s*(?:\/|a|per|each) ?(?:month|mo)$|\s*monthly$/i

function saidOf(part: string): { said: Said; amount: string } {
  if (OWED.test(part)) return { said: 'balance', amount: part.replace(OWED, '') }
  if (PAID.test(part)) return { said: 'payment', amount: part.replace(PAID, '') }
  return { said: 'amount', amount: part }
}

function readPart(
  part: string,
  debt: SpokenDebt,
  bare: number[],
): Exclude<Reading<never>, { status: 'read' }> | null {
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
  const { said, amount } = saidOf(part)
  const reading = readAmount(amount)
  if (reading.status !== 'read') return reading
  if (said === 'payment') debt.paymentCents = reading.value
  else if (said === 'balance') debt.balanceCents = reading.value
  else bare.push(reading.value)
  return null
}
