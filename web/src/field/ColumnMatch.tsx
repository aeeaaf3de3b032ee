import type { ColumnsView } from '../api/client'
import { Choice } from '../sentence/Choice'

/** The heading that each column stands under, by the column's name; an empty one for none. */
export type Matches = Readonly<Record<string, string>>

type ColumnMatchProps = { columns: ColumnsView; matches: Matches; match: (matches: Matches) => void }

const NONE = 'none'

/** Which column of a table holds what, chosen by hand where its name does not tell. */
export function ColumnMatch({ columns, matches, match }: ColumnMatchProps) {
  const words = {
    [NONE]: 'not there',
    ...Object.fromEntries(
      columns.found.map((heading, index) => [String(index), heading || `column ${index + 1}`]),
    ),
  }
  return (
    <dl className="mt-2 grid grid-cols-[auto_1fr] gap-x-4 gap-y-1" aria-label="Columns">
      {columns.wanted.map(({ name, isNeeded, heading }) => {
        const at = columns.found.indexOf(matches[name] ?? heading ?? '')
        return (
          <div key={name} className="contents">
            <dt className={isNeeded && at < 0 ? 'text-over font-medium' : ''}>{name}</dt>
            <dd>
              <Choice
                label={`Column of ${name}`}
                className="text-button"
                value={at < 0 ? NONE : String(at)}
                words={words}
                choose={(picked) =>
                  match({ ...matches, [name]: picked === NONE ? '' : (columns.found[Number(picked)] ?? '') })
                }
              />
            </dd>
          </div>
        )
      })}
    </dl>
  )
}
