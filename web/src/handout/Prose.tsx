import { useId } from 'react'

const MOST_CHARACTERS = 2000

type ProseProps = {
  label: string
  text: string | null
  change: (text: string | null) => void
  finish?: () => void
}

/** A few paragraphs; empty for none. */
export function Prose({ label, text, change, finish }: ProseProps) {
  const id = useId()
  return (
    <div className="mt-5">
      <label htmlFor={id} className="heading">
        {label}
      </label>
      <textarea
        id={id}
        className="field mt-1 field-sizing-content min-h-16"
        maxLength={MOST_CHARACTERS}
        placeholder="none"
        value={text ?? ''}
        onChange={(event) => change(printable(event.target.value) || null)}
        onBlur={finish}
      />
    </div>
  )
}

/** What is pasted may hold tabs and other signs that cannot be printed. */
const printable = (text: string) => text.replace(/[^\P{Cc}\n]/gu, ' ')
