import type { LoanListView } from '../api/client'

/** Which names of a list belong to one client: to whom several loans go, or whom the practice has already. */
export function SharedClients({ view: { shared, sharedCount } }: { view: LoanListView }) {
  if (sharedCount === 0) return null
  return (
    <details className="mt-3">
      <summary className="heading cursor-pointer">
        {sharedCount} {sharedCount === 1 ? 'client' : 'clients'} with several loans, or already known
      </summary>
      <ul aria-label="Shared clients" className="mt-1 max-h-40 overflow-auto text-[0.8125rem]">
        {shared.map(({ name, cases, isKnown }) => (
          <li key={name} className="py-0.5">
            {name}: <span className="text-soft">{sharedWords(cases, isKnown)}</span>
          </li>
        ))}
        {sharedCount > shared.length && (
          <li className="text-soft py-0.5">
            and {(sharedCount - shared.length).toLocaleString('en-US')} more
          </li>
        )}
      </ul>
    </details>
  )
}

const sharedWords = (cases: number, isKnown: boolean) =>
  [cases > 1 ? `${cases} loans` : '1 loan', isKnown ? 'existing client' : 'one new client'].join(', ')
