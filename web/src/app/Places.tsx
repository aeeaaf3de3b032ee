import { Link } from '@tanstack/react-router'

const PLACES = [
  { to: '/cases', name: 'Cases' },
  { to: '/clients', name: 'Clients' },
  { to: '/practice', name: 'Practice' },
] as const

/** Where one can go outside a case. */
export function Places() {
  return (
    <nav aria-label="Places" className="flex gap-x-5">
      {PLACES.map(({ to, name }) => (
        <Link
          key={to}
          to={to}
          activeOptions={{ includeSearch: false }}
          className="text-soft aria-[current=page]:text-ink font-semibold"
        >
          {name}
        </Link>
      ))}
    </nav>
  )
}
