import type { ReactNode } from 'react'
import type { Subject } from '../api/workings'
import { FIGURE_WORDS, type FigureName } from './figureWords'
import { useWorkingPanel } from './workingPanel'

type ExplainedProps = {
  figure: FigureName
  /** What it is a figure of, where it is not the option as a whole. */
  subject?: Subject
  children: ReactNode
  className?: string
  testId?: string
}

/** A computed figure that opens its working by click, Enter or w. */
export function Explained({ figure, subject, children, className = '', testId }: ExplainedProps) {
  const open = useWorkingPanel((panel) => panel.open)
  return (
    <button
      type="button"
      className={`explained ${className}`}
      data-testid={testId}
      aria-haspopup="dialog"
      aria-description={`opens how ${FIGURE_WORDS[figure].toLowerCase()} came about`}
      onClick={() => open(figure, subject)}
      onKeyDown={(event) => {
        if (isWorkingKey(event)) open(figure, subject)
      }}
    >
      {children}
    </button>
  )
}

type Keys = { key: string; ctrlKey: boolean; metaKey: boolean; altKey: boolean }

/** Whether a key press asks for the working of the figure that has the focus. */
export const isWorkingKey = ({ key, ctrlKey, metaKey, altKey }: Keys) =>
  key === 'w' && !ctrlKey && !metaKey && !altKey
