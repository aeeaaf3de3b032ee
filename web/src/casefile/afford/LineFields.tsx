import { useId, useState, type ReactNode } from 'react'

type LineFieldsProps = {
  /** What the line is about, for the button's name. */
  name: string
  /** The line as it is spoken; told whether its fields are shown, whose problems then stand there. */
  line: (isOpen: boolean) => ReactNode
  /** What counts of it a month. */
  counted: ReactNode
  /** The same field by field. */
  children: ReactNode
}

/** A line that is typed as it is spoken, and field by field where that is asked for. */
export function LineFields({ name, line, counted, children }: LineFieldsProps) {
  const [isOpen, setIsOpen] = useState(false)
  const id = useId()
  return (
    <span className="counted-line">
      {line(isOpen)}
      <span className="counted">
        {counted}
        <button
          type="button"
          className="line-fields-toggle screen-only"
          aria-label={`${name}, field by field`}
          aria-expanded={isOpen}
          aria-controls={id}
          onClick={() => setIsOpen(!isOpen)}
        >
          {isOpen ? '▴' : '▾'}
        </button>
      </span>
      {isOpen && (
        <span id={id} className="line-fields" data-apart>
          {children}
        </span>
      )}
    </span>
  )
}
