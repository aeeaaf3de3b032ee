import type { HandoutTemplateDocument } from '../../api/client'
import { DETAIL_WORDS, leftOutWords, SCHEDULE_WORDS, SECTION_WORDS } from '../../handout/says'

/** What a template's hand-outs hold, in a line. */
export function wordsOf({ says }: HandoutTemplateDocument): string {
  const sections = says.sections.map((kind) => SECTION_WORDS[kind].toLowerCase()).join(', ')
  const leftOut = leftOutWords(says)
  return `${DETAIL_WORDS[says.detail]}: ${sections}${leftOut === '' ? '' : `; without ${leftOut}`}`
}

/** What its hand-outs say before and after the figures. */
export const textsOf = ({ says }: HandoutTemplateDocument) =>
  [says.greeting, says.closing].filter((text) => text !== null)

/** All that a template says, line by line. */
export const templateLines = (template: HandoutTemplateDocument): string[] => [
  template.name,
  wordsOf(template),
  `schedule ${SCHEDULE_WORDS[template.says.scheduleBy]}`,
  ...textsOf(template),
]
