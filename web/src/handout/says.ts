import type { HandoutDocument, TemplateView } from '../api/client'

export type SectionKind = HandoutDocument['sections'][number]
export type Private = HandoutDocument['without'][number]

/** What can be said, in the order in which it is offered. */
export const SECTION_WORDS: Record<SectionKind, string> = {
  LOAN: 'The loan',
  MONTHLY_COST: 'Monthly cost',
  OPTIONS: 'Options compared',
  AFFORDABILITY: 'Affordability',
  RENTAL: 'Rental',
  LIFELINE: 'Lifeline',
  SCHEDULE: 'Schedule',
  ASSUMPTIONS: 'Assumptions and sources',
  WORKINGS: 'How figures are calculated',
}

export const PRIVATE_WORDS: Record<Private, string> = {
  NAMES: 'names',
  INCOMES: 'incomes',
  DEBTS: 'debts',
}

export const DETAIL_WORDS: Record<HandoutDocument['detail'], string> = {
  BRIEF: 'in brief',
  FULL: 'in full',
}

export const SCHEDULE_WORDS: Record<HandoutDocument['scheduleBy'], string> = {
  YEAR: 'by year',
  PAYMENT: 'by payment',
}

/** What a hand-out says where neither the case nor a template says it. */
export const USUAL: HandoutDocument = {
  preparedFor: null,
  sections: [
    'LOAN',
    'MONTHLY_COST',
    'OPTIONS',
    'AFFORDABILITY',
    'RENTAL',
    'LIFELINE',
    'SCHEDULE',
    'ASSUMPTIONS',
  ],
  detail: 'FULL',
  scheduleBy: 'YEAR',
  without: [],
  greeting: null,
  closing: null,
}

/** What a new case's hand-out says: as the practice's first template. */
export const usualOf = (templates: readonly TemplateView[]): HandoutDocument =>
  templates[0]?.template.says ?? USUAL

/** The sections to choose from: those that are said in their order, then the others. */
export function offeredSections({ sections }: HandoutDocument): SectionKind[] {
  const all = Object.keys(SECTION_WORDS) as SectionKind[]
  return [...sections, ...all.filter((kind) => !sections.includes(kind))]
}

/** With a section said or not; one that is added comes last. */
export const withSection = (says: HandoutDocument, kind: SectionKind, isSaid: boolean): HandoutDocument => ({
  ...says,
  sections: isSaid ? [...says.sections, kind] : says.sections.filter((each) => each !== kind),
})

/** With a section moved one place; at an end it stays. */
export function withMoved(says: HandoutDocument, kind: SectionKind, by: -1 | 1): HandoutDocument {
  const from = says.sections.indexOf(kind)
  const to = from + by
  if (from < 0 || to < 0 || to >= says.sections.length) return says
  return { ...says, sections: says.sections.toSpliced(from, 1).toSpliced(to, 0, kind) }
}

/** Leaving something out, or not. */
export const withPrivate = (says: HandoutDocument, what: Private, isLeftOut: boolean): HandoutDocument => ({
  ...says,
  without: isLeftOut ? [...says.without, what] : says.without.filter((each) => each !== what),
})

/** What is left out, in words; empty for nothing. */
export const leftOutWords = ({ without }: HandoutDocument) =>
  listed(without.map((each) => PRIVATE_WORDS[each]))

/** Names, incomes and debts. */
const listed = (words: readonly string[]) =>
  [words.slice(0, -1).join(', '), ...words.slice(-1)].filter((part) => part !== '').join(' and ')
