import { WHOLE_OPTION, type Subject } from '../api/workings'
import { FIGURE_WORDS, type FigureName } from './figureWords'
import { useOpenPanel } from '../panel/panelStore'
import './explained.css'

type ExplainedText = string | number

type ExplainedProps = {
  figure: FigureName
  /** What it is a figure of, where it is not the option as a whole. */
  subject?: Subject
  /** The figure as it is written, with the words that belong to it. */
  children: ExplainedText | readonly ExplainedText[]
  className?: string
  testId?: string
}

/** A computed figure that opens its working by click, Enter or w. */
export function Explained({
  figure,
  subject = WHOLE_OPTION,
  children,
  className = '',
  testId,
}: ExplainedProps) {
  const openPanel = useOpenPanel()
  const open = () => openPanel({ kind: 'working', figure, subject })
  return (
    <button
      type="button"
      className={`explained ${className}`}
      data-testid={testId}
      aria-haspopup="dialog"
      aria-label={`${FIGURE_WORDS[figure]}, ${[children].flat().join('')}`}
      aria-description="how it is calculated"
      onClick={open}
      onKeyDown={(event) => {
        if (isWorkingKey(event)) open()
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
