import type {
  ComparedFigures,
  CaseDocument,
  ComparisonView,
  FieldProblem,
  KeptView,
  OptionDocument,
} from '../../api/client'
import type { MarketWords } from '../../format/market'
import type { Colour } from '../../picture/looks'
import { titleOf } from '../differences'
import { baselineOf } from '../option'
import { byIds } from '../../field/pointers'

/** An option beside the others. */
export type Compared = {
  option: OptionDocument
  title: string
  isBaseline: boolean
  look: Look
  /** Why it has no figures, at places given by ids; empty where it has. */
  because: readonly FieldProblem[]
  answer: Answer | null
}

/** What an option comes to, by itself and as long as it is kept. */
export type Answer = { figures: ComparedFigures; kept: KeptView }

/** How an option's line is told apart: by its colour and its dash. The one compared with is plain. */
export type Look = { colour: Colour; dash: string | undefined }

const LOOKS: readonly Look[] = [
  { colour: 'soft', dash: undefined },
  { colour: 'option-1', dash: undefined },
  { colour: 'option-2', dash: '7 4' },
  { colour: 'option-3', dash: '2 3' },
  { colour: 'option-4', dash: '9 3 2 3' },
  { colour: 'option-5', dash: '15 4' },
]

/** A comparison with what it was asked of. */
export type Comparison = {
  options: readonly Compared[]
  /** The one that the others are compared with: the baseline, or the first that has figures. */
  base: Compared & { answer: Answer }
  view: ComparisonView
}

/** The options of a document with what the server says of each. */
export function compare(
  document: CaseDocument,
  view: ComparisonView,
  locale: string,
  words: MarketWords,
): Comparison {
  const baseline = baselineOf(document)
  const options = document.options.map((option, index): Compared => {
    const { figures = null, kept = null, because = [] } = view.options[index] ?? {}
    return {
      option,
      title: titleOf(baseline, option, locale, words),
      isBaseline: index === 0,
      look: LOOKS[index] ?? { colour: 'ink', dash: undefined },
      because: because.map((each) => ({
        ...each,
        pointer: each.pointer === null ? null : byIds(document, each.pointer),
      })),
      answer: figures && kept ? { figures, kept } : null,
    }
  })
  const base = options[view.baseline]
  if (!base || !hasAnswer(base)) throw new Error('a comparison has an option with figures')
  return { options, base, view }
}

/** What an option is called within a sentence: the baseline by that word, unless it has a name. */
export const inSentence = ({
  option,
  title,
  isBaseline,
}: Pick<Compared, 'option' | 'title' | 'isBaseline'>) =>
  isBaseline && option.name === null ? 'the baseline' : title

export const hasAnswer = (option: Compared): option is Compared & { answer: Answer } => option.answer !== null

/** Those that have figures. */
export const answeredOf = ({ options }: Comparison) => options.filter(hasAnswer)
