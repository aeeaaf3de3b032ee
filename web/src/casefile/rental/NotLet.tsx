import { useOpenCase } from '../CaseContext'
import { withLetting } from './letting'

/** What stands in the view while the home is not let. */
export function NotLet() {
  const { store, document } = useOpenCase()
  return (
    <div>
      <p className="sentence">This home is not let.</p>
      <p className="text-soft mt-2 max-w-2xl">
        Where it is bought or refinanced to let, its rent is held against what goes out and against the
        practice’s programmes.
      </p>
      <p className="mt-3">
        <button
          type="button"
          className="button"
          onClick={() => {
            store.changeDocument(withLetting(document, {}))
            store.settle()
          }}
        >
          It is to let
        </button>
      </p>
    </div>
  )
}
