import type { CaseDocument, EvaluationView, OptionDocument, OptionView } from '../api/client'
import { byIds } from '../field/pointers'

type Answered = {
  /** Which option of the answered document they are of. */
  index: number
  figures: OptionView
}

/** Whether an answer holds figures of an option: of its id, or of another that says the same. */
export const hasFigures = (option: OptionDocument, answered: CaseDocument) => indexOf(option, answered) !== -1

/**
 * The figures of an option, with their notes at places given by ids. Where it never had any, those of the baseline: only for
 * a document that has no answer, of which the views say so.
 */
export function figuresOf(
  option: OptionDocument,
  answered: CaseDocument,
  { options }: EvaluationView,
): Answered {
  const index = Math.max(0, indexOf(option, answered))
  const figures = options[index]
  if (!figures) throw new Error('an evaluation holds one entry for each option')
  const notes = figures.notes.map((note) => ({
    ...note,
    pointer: byIds(answered.options[index], note.pointer),
  }))
  return { index, figures: { ...figures, notes } }
}

function indexOf(option: OptionDocument, { options }: CaseDocument): number {
  const byId = options.findIndex(({ id }) => id === option.id)
  if (byId !== -1) return byId
  const text = saying(option)
  return options.findIndex((each) => saying(each) === text)
}

/** What an option says, whatever it is called. */
const saying = (option: OptionDocument) => JSON.stringify({ ...option, id: '', name: null })
