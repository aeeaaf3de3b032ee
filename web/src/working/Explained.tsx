import type { ReactNode } from 'react'
import { useWorkingPanel } from './workingPanel'
import { FIGURE_WORDS, type FigureName } from './words'

type ExplainedProps = {
  figure: FigureName
  /** The payment, where it is a figure of the schedule's lines. */
  line?: number
  children: ReactNode
  className?: string
  testId?: string
}

/** A computed figure that opens its working by click, Enter or w. */
export function Explained({ figure, line, children, className = '', testId }: ExplainedProps) {
  const open = useWorkingPanel((panel) => panel.open)
  return (
    <button
      type="button"
      className={`explained ${className}`}
      data-testid={testId}
      aria-haspopup="dialog"
      aria-description={`opens how ${FIGURE_WORDS[figure].toLowerCase()} came about`}
      onClick={() => open(figure, line)}
      onKeyDown={(event) => {
        if (event.key === 'w' && !event.ctrlKey && !event.metaKey && !event.altKey) open(figure, line)
      }}
    >
      {children}
    </button>
  )
}
