import { Refusal } from '../api/client'

/** What is wrong in a file, and where. */
export type FileProblem = { place: string; message: string }

/** Everything that keeps a file from being read, each with the place in the file where it stands. */
export function fileProblems(error: Error): FileProblem[] {
  const fields = error instanceof Refusal ? (error.problem.fields ?? []) : []
  if (fields.length === 0) return [{ place: '', message: error.message }]
  return fields.map(({ pointer, message }) => ({ place: placeWords(pointer ?? ''), message }))
}

/** A place as people say it: options 1, terms, rate percent. Lists are counted from 1. */
export const placeWords = (pointer: string) =>
  pointer
    .split('/')
    .filter((name) => name !== '' && name !== 'document')
    .map((name) => (/^\d+$/.test(name) ? String(Number(name) + 1) : spaced(name)))
    .reduce(
      (words, name) => (/^\d+$/.test(name) ? `${words} ${name}` : words ? `${words}, ${name}` : name),
      '',
    )

const spaced = (name: string) => name.replace(/([a-z])([A-Z])/g, '$1 $2').toLowerCase()
