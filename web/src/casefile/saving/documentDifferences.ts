import type { CaseDocument, OptionDocument } from '../../api/client'
import type { MarketWords } from '../../format/market'
import { formatPercent } from '../../format/percent'
import { DETAIL_WORDS, leftOutWords, SECTION_WORDS } from '../../handout/says'
import { allDifferences } from '../differences'

/** Where two states of a case differ, and what each says there. */
export type Difference = { of: string; mine: string; theirs: string }

/** Each place in which two states of a case differ: its title, its options, and what is assumed. */
export function documentDifferences(
  mine: CaseDocument,
  theirs: CaseDocument,
  locale: string,
  words: MarketWords,
): Difference[] {
  const between = (of: string, own: string, other: string): Difference[] =>
    own === other ? [] : [{ of, mine: own, theirs: other }]
  return [
    ...between('Title', mine.title, theirs.title),
    ...between('Clients', mine.clients, theirs.clients),
    ...allOptions(mine, theirs).flatMap(([of, own, other]) =>
      between(of, sayings(own, other, locale, words), sayings(other, own, locale, words)),
    ),
    ...between('Order of options', orderOf(mine), orderOf(theirs)),
    ...between('Home value', homeValue(mine), homeValue(theirs)),
    ...between('Market', mine.market ?? '', theirs.market ?? ''),
    ...between('Currency', mine.currency, theirs.currency),
    ...between('Hand-out', handoutOf(mine), handoutOf(theirs)),
  ]
}

type OptionPair = [of: string, mine: OptionDocument | undefined, theirs: OptionDocument | undefined]

/** The options of both by their ids, called by name or number. */
function allOptions(mine: CaseDocument, theirs: CaseDocument): OptionPair[] {
  const added = theirs.options.filter(({ id }) => mine.options.every((option) => option.id !== id))
  return [...mine.options, ...added].map((option, index) => [
    option.name ?? (index === 0 ? 'Baseline' : `Option ${index + 1}`),
    mine.options.find(({ id }) => id === option.id),
    theirs.options.find(({ id }) => id === option.id),
  ])
}

/** What an option says otherwise than another state of it. */
function sayings(
  option: OptionDocument | undefined,
  other: OptionDocument | undefined,
  locale: string,
  words: MarketWords,
): string {
  if (!option) return 'deleted'
  if (!other) return 'kept'
  const names = option.name === other.name ? [] : [`called ${option.name ?? 'nothing'}`]
  return [...names, ...allDifferences(other, option, locale, words)].join(', ')
}

const orderOf = ({ options }: CaseDocument) =>
  options.length === 1 ? '' : `${options[0]?.name ?? options[0]?.id ?? ''} first`

function handoutOf({ handout }: CaseDocument): string {
  if (!handout) return 'as usual'
  const sections = handout.sections.map((kind) => SECTION_WORDS[kind].toLowerCase()).join(', ')
  const leftOut = leftOutWords(handout)
  const whom = handout.preparedFor === null ? '' : ` for ${handout.preparedFor}`
  return `${DETAIL_WORDS[handout.detail]}${whom}: ${sections}${leftOut === '' ? '' : `, without ${leftOut}`}`
}

const homeValue = ({ assumptions: { homeValuePercent } }: CaseDocument) =>
  homeValuePercent === null ? 'unchanged' : `${formatPercent(homeValuePercent)} a year`
