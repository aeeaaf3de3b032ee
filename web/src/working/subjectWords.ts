import type { Subject } from '../api/workings'
import { COMPOUNDING_WORDS } from '../format/conventions'
import type { Target } from '../entry/target'
import { formatAmount } from '../format/amount'
import { formatDay } from '../format/date'
import { formatPercent } from '../format/percent'

/** What a figure is of, in a few words; nothing where it is the option's own. */
export function subjectWords(subject: Subject, locale: string): string {
  switch (subject.of) {
    case 'option':
      return ''
    case 'kept':
      return 'kept as long as the case says'
    case 'line':
      return subject.line === 0 ? 'opening balance' : `payment ${subject.line}`
    case 'compounding':
      return `compounding ${COMPOUNDING_WORDS[subject.compounding]}`
    case 'range':
      return subject.first === subject.last
        ? `payment ${subject.first}`
        : `payments ${subject.first} to ${subject.last}`
    case 'rate':
      return `${subject.from === 'RENEWAL' ? 'renewed at' : 'at'} ${formatPercent(subject.ratePercent)}`
    case 'income':
      return `line ${subject.income + 1} of the incomes`
    case 'letting':
      return subject.programme === null ? 'let' : `let, by ${subject.programme.name}`
    case 'target':
      return targetWords(subject.target, locale)
  }
}

function targetWords(sought: Target, locale: string): string {
  const { limit } = sought
  switch (sought.target) {
    case 'MONTHLY_TOTAL':
      return `for at most ${formatAmount(Number(limit))} a month`
    case 'PAYMENT':
      return `for a payment of at most ${formatAmount(Number(limit))}`
    case 'PAID_OFF_BY':
      return `to be paid off by ${formatDay(limit, locale)}`
    case 'TOTAL_INTEREST':
      return `for at most ${formatAmount(Number(limit))} interest`
    case 'BALANCE_BY':
      return `for at most ${formatAmount(Number(limit))} balance by ${formatDay(sought.by, locale)}`
  }
}
