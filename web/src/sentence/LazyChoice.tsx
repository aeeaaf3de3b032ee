import { lazy, Suspense, useState } from 'react'
import type { ChoiceProps } from './Choice'
import './choice.css'
import './sentence.css'

const load = () => import('./Choice')
const Choice = lazy(async () => ({ default: (await load()).Choice<string> }))

/** One of a few words on a page that is to be small: the list itself is loaded from when someone is about to open it. */
export function LazyChoice<T extends string>(choice: ChoiceProps<T>) {
  const { label, value, words, className, disabled } = choice
  const [isWanted, setIsWanted] = useState(false)
  const trigger = (
    <button
      type="button"
      role="combobox"
      aria-label={label}
      aria-expanded={false}
      className={className}
      disabled={disabled}
      onPointerEnter={() => void load()}
      onFocus={() => void load()}
      onClick={() => setIsWanted(true)}
      onKeyDown={(event) => {
        if (event.key === 'ArrowDown' || event.key === 'ArrowUp') setIsWanted(true)
      }}
    >
      {words[value]} <span className="choice-icon">▾</span>
    </button>
  )
  if (!isWanted) return trigger
  return (
    <Suspense fallback={trigger}>
      <Choice {...choice} choose={(chosen) => choice.choose(chosen as T)} isOpenAtFirst />
    </Suspense>
  )
}
