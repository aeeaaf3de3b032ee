import type { ProgrammeDocument } from '../../api/client'
import { BASES, hundredfold, leastText } from '../../casefile/rental/lettingWords'
import { formatPercent } from '../../format/percent'
import { stressedWords } from '../limits/setWords'

export type Band = ProgrammeDocument['bands'][number]
export type Basis = ProgrammeDocument['bases'][number]
export type Cover = ProgrammeDocument['cover']

export const COVERS: Record<Cover, string> = {
  OUTGOINGS: 'what goes out a month',
  INTEREST: 'a month’s interest',
}

/** What is lent from a cover on: from 1.10 times up to 75 % at 0.25 % more. */
export const bandWords = ({ leastCover, loanToValuePercent, addOnPercent }: Band, cover: Cover) =>
  `from ${leastText(leastCover, cover)} up to ${formatPercent(loanToValuePercent)}${addOnPercent === 0 ? '' : ` at ${formatPercent(addOnPercent)} more`}`

/** How is lent on a basis: let short-term up to 70 %, 75 % of the rent counts, score from 700. */
export const basisWords = ({ basis, countedPercent, loanToValuePercent, leastScore }: Basis, cover: Cover) =>
  [
    `let ${BASES[basis]} up to ${formatPercent(loanToValuePercent)}`,
    ...(cover === 'OUTGOINGS' ? [`${formatPercent(countedPercent)} of the rent counts`] : []),
    ...(leastScore === null ? [] : [`score from ${leastScore}`]),
  ].join(', ')

/** The rate at which interest is tested, where that is what is covered. */
const testedWords = ({ cover, stressed }: ProgrammeDocument) =>
  cover === 'INTEREST' ? [stressedWords({ stressed })] : []

/** A programme in one line. */
export const summaryOf = (programme: ProgrammeDocument) =>
  [
    `The rent covers ${COVERS[programme.cover]} ${programme.bands.map((band) => bandWords(band, programme.cover)).join(', ')}`,
    ...programme.bases.map((basis) => basisWords(basis, programme.cover)),
    ...testedWords(programme),
  ].join('; ')

/** A whole programme in lines, for comparing one state with another. */
export const linesOf = (programme: ProgrammeDocument): string[] => [
  `called ${programme.name}`,
  `from ${programme.source}`,
  `of ${programme.day}`,
  `the rent covers ${COVERS[programme.cover]}`,
  ...testedWords(programme),
  ...programme.bands.map((band) => bandWords(band, programme.cover)),
  ...programme.bases.map((basis) => basisWords(basis, programme.cover)),
]

/** A band's least cover as it is typed: 1.25, or 145 % of the interest. */
export const typedCover = (leastCover: number, cover: Cover) =>
  cover === 'INTEREST' ? formatPercent(hundredfold(leastCover)) : String(leastCover)
