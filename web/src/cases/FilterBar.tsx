import { lazy, Suspense, useState } from 'react'
import { TextButton } from '../ui/TextButton'
import { NARROWING, SHELVES, SORTS } from './filter'
import { FilterChoice, type FilterProps } from './FilterChoice'

const FilterRow = lazy(async () => ({ default: (await import('./FilterRow')).FilterRow }))

/** Which cases are listed, and in which order. */
export function FilterBar({ chosen, choose }: FilterProps) {
  const narrows = NARROWING.filter((name) => chosen[name] !== undefined).length
  const [isOpen, setIsOpen] = useState(narrows > 0)
  return (
    <div className="mt-4">
      <div className="flex flex-wrap items-center gap-x-5 gap-y-2">
        <FilterChoice label="Show" none={null} words={SHELVES} name="shelf" {...{ chosen, choose }} />
        <FilterChoice label="sorted by" none={null} words={SORTS} name="sort" {...{ chosen, choose }} />
        <button
          type="button"
          className="text-button"
          aria-expanded={isOpen}
          onClick={() => setIsOpen(!isOpen)}
        >
          Filter{narrows > 0 && ` (${narrows})`}
        </button>
        {narrows > 0 && (
          <TextButton onClick={() => choose(Object.fromEntries(NARROWING.map((name) => [name, undefined])))}>
            Clear filter
          </TextButton>
        )}
      </div>
      {isOpen && (
        <Suspense>
          <FilterRow {...{ chosen, choose }} />
        </Suspense>
      )}
    </div>
  )
}
