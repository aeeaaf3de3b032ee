import type { Milestone } from '../../api/client'
import { useOpenPanel } from '../../panel/panelStore'
import { useOpenCase } from '../CaseContext'
import { flagsOf, milestoneFigure, milestoneWords, type Flag } from './flags'

/** As high as a finger needs (WCAG 2.5.8). */
const ROW_PX = 24

type FlagsProps = {
  milestones: readonly Milestone[]
  agreed: number
  width: number
  setMarker: (payment: number) => void
}

/** What happens on the way, as small flags under the picture: each takes the marker and tells how it is calculated. */
export function Flags({ milestones, agreed, width, setMarker }: FlagsProps) {
  const { words } = useOpenCase()
  const open = useOpenPanel()
  const flags = flagsOf(milestones, agreed, width, ({ kind }) => milestoneWords(kind, words))
  const rows = Math.max(0, ...flags.map((flag) => (flag.row ?? 0) + 1))
  // Shares of the width: on paper it is another one than on the screen.
  const share = (px: number) => `${(px / Math.max(1, width)) * 100}%`
  const choose = ({ payment, milestones: [first] }: Flag) => {
    setMarker(payment)
    if (first) open({ kind: 'working', ...milestoneFigure(first) })
  }
  return (
    <ol className="relative text-xs" style={{ height: rows * ROW_PX + 4 }} aria-label="Events">
      {flags.toReversed().map((flag) => (
        <li key={flag.payment}>
          <span
            aria-hidden
            className="bg-ink absolute top-0 w-px"
            style={{ left: share(flag.x), height: (flag.row ?? 0) * ROW_PX + 17 }}
          />
          <button
            type="button"
            aria-haspopup="dialog"
            title={`payment ${flag.payment}`}
            className={`explained mx-1.5 h-6 whitespace-nowrap ${flag.row === null ? 'flag-untold' : ''}`}
            style={{
              position: 'absolute',
              top: (flag.row ?? 0) * ROW_PX,
              ...(flag.toLeft ? { right: share(width - flag.x) } : { left: share(flag.x) }),
            }}
            onClick={() => choose(flag)}
          >
            <span className="sr-only">payment {flag.payment}: </span>
            {flag.words}
          </button>
        </li>
      ))}
    </ol>
  )
}
