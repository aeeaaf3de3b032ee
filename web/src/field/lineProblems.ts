import { Refusal, type FieldProblem } from '../api/client'
import type { Reading } from '../entry/reading'

/** What is wrong with a line, counted from 1, and in which column; with the whole where no line is named. */
export type LineProblem = { line: number | null; column: string | null; message: string }

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
    throw new LineProblems([{ line: null, column: null, message }])
  }
  const values: T[] = []
  const problems: LineProblem[] = []
  lines.forEach((line, index) => {
    if (line.trim() === '') return
    const reading = read(line.trim())
    if (reading.status === 'read') values.push(reading.value)
    else problems.push({ line: index + 1, column: null, message: reading.message })
  })
  if (problems.length > 0) throw new LineProblems(problems)
  return values
}

/** Whether a text is a table: its first line parts words, none of them a figure. */
export function isTable(text: string): boolean {
  const [head = ''] = text.replace(/^\ufeff/, '').split(/\r?\n/, 1)
  return /[,;\t]/.test(head) && !/\d/.test(head)
}

/** Everything that is wrong, by its lines. */
export function problemsOf(error: Error | null): readonly LineProblem[] {
  if (error === null) return []
  if (error instanceof LineProblems) return error.problems
  const fields = error instanceof Refusal ? (error.problem.fields ?? []) : []
  return fields.length === 0
    ? [{ line: null, column: null, message: error.message }]
    : fields.map(lineProblem)
}

/** A refused field of a line: /lines/4/ratePercent is line 4, rate percent. */
export function lineProblem({ pointer, message }: Pick<FieldProblem, 'pointer' | 'message'>): LineProblem {
  const place = /^\/lines\/(\d+)(?:\/(.+))?/.exec(pointer ?? '')
  return {
    line: place?.[1] === undefined ? null : Number(place[1]),
    column: place?.[2]?.replace(/([a-z])([A-Z])/g, '$1 $2').toLowerCase() ?? null,
    message,
  }
}
