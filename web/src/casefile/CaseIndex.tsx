import { Link } from '@tanstack/react-router'
import { VIEWS } from './views'
import './case-index.css'

/** The case's views like the contents of a statement, each with its headline figure. */
export function CaseIndex({ id }: { id: string }) {
  return (
    <nav
      aria-label="Views of the case"
      className="border-rule flex flex-wrap gap-x-6 gap-y-3 px-4 pt-4 mid:px-8 wide:block wide:border-r wide:px-0 wide:pt-7"
    >
      {VIEWS.map(({ to, name, Headline }) => (
        <div key={name} className="index-entry">
          <Link
            to={to}
            params={{ id }}
            search={({ option }) => ({ option })}
            activeOptions={{ exact: true, includeSearch: false }}
            className="index-name"
          >
            {name}
          </Link>
          <span className="index-figure">
            <Headline />
          </span>
        </div>
      ))}
    </nav>
  )
}
