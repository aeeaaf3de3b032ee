import type { Reading } from '../entry/reading'

/** What is wrong with a line, counted from 1; with the whole where no line is named. */
export type LineProblem = { line: number | null; message: string }

/** Everything that is wrong with a text, by its lines. */
export class LineProblems extends Error {
  readonly problems: readonly LineProblem[]

  constructor(problems: readonly LineProblem[]) {
    super('These lines cannot be read.')
    this.problems = problems
  }
}

/**
 * What each line of a text says, lines without any text left aside.
 * @throws LineProblems with all lines that cannot be read
 */
export function readLines<T>(text: string, read: (line: string) => Reading<T>, most: number): T[] {
  const lines = text.split(/\r?\n/)
  const filled = lines.filter((line) => line.trim() !== '')
  if (filled.length === 0 || filled.length > most) {
    const message = `There are ${filled.length.toLocaleString('en-US')} lines; from 1 to ${most} can be taken.`
    throw new LineProblems([{ line: null, message }])
  }
  const values: T[] = []
  const problems: LineProblem[] = []
  lines.forEach((line, index) => {
    if (line.trim() === '') return
    const reading = read(line.trim())
    if (reading.status === 'read') values.push(reading.value)
    else problems.push({ line: index + 1, message: reading.message })
  })
  if (problems.length > 0) throw new LineProblems(problems)
  return values
}

/** Whether a text is a table: its first line parts words, none of them a figure. */
export function isTable(text: string): boolean {
  const [head = ''] = text.replace(/^\ufeff/, '').split(/\r?\n/, 1)
  return /[,;\t]/.test(head) && !/\d/.test(head)
}
