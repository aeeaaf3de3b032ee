import { Link } from '@tanstack/react-router'
import { useIsOwner } from '../app/session'

const PAGES = [
  { to: '/practice', name: 'Defaults' },
  { to: '/practice/rates', name: 'Rates' },
  { to: '/practice/limits', name: 'Limits' },
  { to: '/practice/programmes', name: 'Programmes' },
  { to: '/practice/hand-outs', name: 'Hand-outs' },
  { to: '/practice/people', name: 'People' },
] as const

const LOG = { to: '/practice/log', name: 'Log' } as const

/** The pages on which a practice keeps what it has chosen. */
export function PracticePages() {
  const isOwner = useIsOwner()
  return (
    <nav aria-label="Practice" className="border-rule mt-3 flex flex-wrap gap-x-6 gap-y-1 border-b">
      {[...PAGES, ...(isOwner ? [LOG] : [])].map(({ to, name }) => (
        <Link
          key={to}
          to={to}
          activeOptions={{ exact: true }}
          className="text-soft whitespace-nowrap aria-[current=page]:text-act aria-[current=page]:border-act -mb-px border-b-2 border-transparent pb-1.5 font-semibold"
        >
          {name}
        </Link>
      ))}
    </nav>
  )
}
