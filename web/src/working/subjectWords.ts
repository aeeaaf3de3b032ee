import type { Subject } from '../api/workings'
import type { Wish } from '../entry/wish'
import { formatAmount } from '../format/amount'
import { formatDay } from '../format/date'
import { formatPercent } from '../format/percent'

/** What a figure is of, in a few words; nothing where it is the option's own. */
export function subjectWords(subject: Subject, locale: string): string {
  switch (subject.of) {
    case 'option':
      return ''
    case 'line':
      return subject.line === 0 ? 'before the first payment' : `payment ${subject.line}`
    case 'stretch':
      return subject.first === subject.last
        ? `payment ${subject.first}`
        : `payments ${subject.first} to ${subject.last}`
    case 'rate':
      return `${subject.from === 'RENEWAL' ? 'renewed at' : 'at'} ${formatPercent(subject.ratePercent)}`
    case 'wish':
      return wishWords(subject.wish, locale)
  }
}

function wishWords({ wish, limit }: Wish, locale: string): string {
  switch (wish) {
    case 'MONTHLY_TOTAL':
      return `for at most ${formatAmount(Number(limit))} a month`
    case 'PAID_OFF_BY':
      return `to be paid off by ${formatDay(limit, locale)}`
    case 'TOTAL_INTEREST':
      return `for at most ${formatAmount(Number(limit))} of interest`
  }
}
