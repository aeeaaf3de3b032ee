import { useOpenCase } from '../CaseContext'
import { withLetting } from './letting'
import type { Letting } from './useLetting'

/** Every programme of the case's market, and whether it lends the loan as it is. */
export function ProgrammeLines({ letting: { view, programmes, programme } }: { letting: Letting }) {
  const { store, document } = useOpenCase()
  if (programmes.length < 2) return null
  return (
    <section aria-labelledby="programmes-heading" className="mt-5">
      <h2 id="programmes-heading" className="heading">
        Programmes
      </h2>
      <ul aria-label="Programmes">
        {programmes.map(({ id, programme: { name } }, index) => (
          <li key={id} className="border-rule flex items-baseline justify-between gap-3 border-b py-2">
            <button
              type="button"
              className="limit-name"
              aria-pressed={id === programme?.id}
              onClick={() => {
                store.changeDocument(withLetting(document, { programme: id }))
                store.settle()
              }}
            >
              {name}
            </button>
            {view.lends[index] ? (
              <span className="text-met font-semibold">lends it</span>
            ) : (
              <span className="text-over font-semibold">does not</span>
            )}
          </li>
        ))}
      </ul>
    </section>
  )
}
