import { useId } from 'react'
import { offeredSections, SECTION_WORDS, withMoved, withSection, type SectionKind } from './says'
import type { Saying } from './Saying'

type SectionListProps = Saying & {
  /** Sections of which there is nothing to tell, each with the reason. */
  empty?: Partial<Record<SectionKind, string>>
}

const NONE = {}

/** The sections: those that are said, in their order, and the others. */
export function SectionList({ handout: { says, say }, empty = NONE }: SectionListProps) {
  const id = useId()
  return (
    <section aria-labelledby={id}>
      <h2 id={id} className="heading">
        Sections
      </h2>
      <ol className="border-rule mt-1 border-t" aria-labelledby={id}>
        {offeredSections(says).map((kind) => (
          <li key={kind} className="border-rule flex items-center justify-between border-b py-1">
            <label className="flex min-h-6 cursor-pointer items-center gap-2.5">
              <input
                type="checkbox"
                className="accent-act"
                checked={says.sections.includes(kind)}
                onChange={(event) => say(withSection(says, kind, event.target.checked))}
              />
              {SECTION_WORDS[kind]}
              {empty[kind] && <span className="note ml-0!">{empty[kind]}</span>}
            </label>
            {says.sections.includes(kind) && (
              <span className="whitespace-nowrap">
                <Move says={{ says, say }} kind={kind} by={-1} />
                <Move says={{ says, say }} kind={kind} by={1} />
              </span>
            )}
          </li>
        ))}
      </ol>
    </section>
  )
}

type MoveProps = { says: Saying['handout']; kind: SectionKind; by: -1 | 1 }

function Move({ says: { says, say }, kind, by }: MoveProps) {
  const moved = withMoved(says, kind, by)
  return (
    <button
      type="button"
      className="button-quiet"
      aria-label={`Move ${SECTION_WORDS[kind]} ${by < 0 ? 'up' : 'down'}`}
      disabled={moved === says}
      onClick={() => say(moved)}
    >
      <span aria-hidden>{by < 0 ? '↑' : '↓'}</span>
    </button>
  )
}
