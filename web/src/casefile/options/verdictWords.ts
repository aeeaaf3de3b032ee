import { formatAmount } from '../../format/amount'
import { inSentence, type Compared } from './compared'
import type { Verdict } from './verdict'

/** A piece of the answer: words, what an option is called, or the all-in cost of the one that is shown. */
export type Said = { words: string; is?: 'title' | 'cost' }

type Titled = Pick<Compared, 'option' | 'title' | 'isBaseline'>

/** The answer as it is said behind how long they keep it. */
export function verdictWords(verdict: Verdict, base: Titled): Said[] {
  switch (verdict.kind) {
    case 'only':
      return [
        ...(verdict.option.isBaseline ? said('this loan') : titles([verdict.option])),
        ...said(' costs '),
        { words: formatAmount(verdict.option.answer.kept.costCents), is: 'cost' },
        ...said(', with the cash to close, all that is paid and the balance left.'),
      ]
    case 'tie':
      return verdict.areAll
        ? said('all options cost the same.')
        : [...titles(verdict.options), ...said(' cost the same, and less than any other.')]
    case 'baseline':
      return [
        ...titles([base]),
        ...said(` costs least: ${formatAmount(verdict.lessCents)} less than `),
        ...titles([verdict.next]),
        ...said(`, which costs ${aMonth(verdict.moreAMonthCents)}.`),
      ]
    case 'other':
      return [
        ...titles([verdict.option]),
        ...said(` costs least: ${formatAmount(verdict.lessCents)} less than `),
        ...titles([base]),
        ...said(`, for ${aMonth(verdict.moreAMonthCents)}.`),
      ]
  }
}

/** What options are called, one after the other; the baseline by that word, unless it has a name. */
export function titles(of: readonly Titled[]): Said[] {
  return of.flatMap((option, index) => [
    ...(index === 0 ? [] : said(index === of.length - 1 ? ' and ' : ', ')),
    option.isBaseline && option.option.name === null
      ? { words: inSentence(option) }
      : { words: inSentence(option), is: 'title' as const },
  ])
}

const said = (words: string): Said[] => [{ words }]

function aMonth(cents: number): string {
  if (cents === 0) return 'the same a month'
  return `${formatAmount(Math.abs(cents))} ${cents > 0 ? 'more' : 'less'} a month`
}
