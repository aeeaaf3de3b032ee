import { useOption } from '../OptionContext'

/** Behind a clause that does something else than it says: the sign under which the notes below the sentence say what. */
export function ClauseMark({ pointer }: { pointer: string }) {
  const { figures } = useOption()
  return figures.notes.some((note) => note.pointer === pointer) ? (
    <sup className="clause-mark" aria-label="(see the note)">
      ≠
    </sup>
  ) : null
}
