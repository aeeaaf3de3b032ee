import { useId, type KeyboardEvent } from 'react'
import { useEntry, type EntryField } from '../field/useEntry'
import { useTypeOver } from '../field/useTypeOver'
import './sentence.css'

type FigureProps<T> = EntryField<T> & {
  label: string
  /** The sentence's punctuation behind the figure, which never begins a line. */
  after?: string
  /** What may be typed, where nothing stands yet. */
  placeholder?: string
  /** What the baseline says here; empty where it says nothing. Marked where it differs. */
  was?: string | undefined
  /** Moves the value by so many of its natural steps; negative is down. */
  nudge?: ((steps: number) => void) | undefined
  /** Takes a text at Enter that is no value but asks for one; whether it did. */
  ask?: ((text: string) => boolean) | undefined
}

const STEPS_WITH_SHIFT = 10

/** A figure of the sentence that is its own control: typed over, nudged by the arrow keys, taken back by Escape. */
export function Figure<T>({ label, after, placeholder, was, nudge, ask, ...field }: FigureProps<T>) {
  const { shown, problem, type, dropText, finish, takeBack, isTyped } = useEntry(field)
  const typeOver = useTypeOver()
  const problemId = useId()
  const differs = was !== undefined && was !== field.text
  const wasWords = was === '' ? 'not in the baseline' : `in the baseline ${was}`

  const onKeyDown = (event: KeyboardEvent<HTMLInputElement>) => {
    const direction = event.key === 'ArrowUp' ? 1 : event.key === 'ArrowDown' ? -1 : 0
    // With Alt they move a line of a list.
    if (direction !== 0 && !event.altKey && nudge && problem === undefined) {
      event.preventDefault()
      dropText()
      nudge(direction * (event.shiftKey ? STEPS_WITH_SHIFT : 1))
    } else if (event.key === 'Enter') {
      // What opens takes the focus: the same key press must not go on to it.
      event.preventDefault()
      if (ask?.(shown)) takeBack()
      else finish()
      event.currentTarget.select()
    } else if (event.key === 'Escape') {
      takeBack()
    }
  }

  return (
    <>
      <span className="whitespace-nowrap">
        <span
          className="figure"
          data-faulty={problem !== undefined || undefined}
          data-differs={differs || undefined}
          title={differs ? wasWords : undefined}
        >
          <span className="figure-measure" aria-hidden>
            {shown === '' ? (placeholder ?? ' ') : shown}
          </span>
          <input
            className="figure-input"
            aria-label={label}
            aria-invalid={problem !== undefined}
            aria-describedby={problem === undefined ? undefined : problemId}
            aria-description={differs ? wasWords : undefined}
            data-pointer={field.pointer}
            data-also={field.also?.join(' ')}
            data-typed={isTyped || undefined}
            inputMode={field.inputMode}
            placeholder={placeholder}
            autoComplete="off"
            spellCheck={false}
            size={1}
            value={shown}
            onChange={(event) => type(event.target.value)}
            {...typeOver}
            onBlur={finish}
            onKeyDown={onKeyDown}
          />
        </span>
        {after}
      </span>
      {problem !== undefined && (
        <span id={problemId} role="alert" className="figure-problem">
          {problem}
        </span>
      )}
    </>
  )
}
