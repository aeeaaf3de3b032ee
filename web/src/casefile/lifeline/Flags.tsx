import type { Milestone } from '../../api/client'
import { useOpenCase } from '../CaseContext'
import { flagsOf, milestoneWords } from './flags'

const ROW_PX = 16

type FlagsProps = { milestones: readonly Milestone[]; agreed: number; width: number }

/** What happens on the way, as small flags under the picture; all of it as a list for who cannot see them. */
export function Flags({ milestones, agreed, width }: FlagsProps) {
  const { words } = useOpenCase()
  const say = ({ kind }: Milestone) => milestoneWords(kind, words)
  const flags = flagsOf(milestones, agreed, width, say)
  const rows = Math.max(0, ...flags.map((flag) => (flag.row ?? 0) + 1))
  return (
    <>
      <div className="relative text-xs" style={{ height: rows * ROW_PX + 4 }} aria-hidden>
        {flags.map((flag) => (
          <span key={flag.payment} title={`payment ${flag.payment}: ${flag.words}`}>
            <span
              className="bg-ink absolute top-0 w-px"
              style={{ left: flag.x, height: (flag.row ?? 0) * ROW_PX + 14 }}
            />
            {flag.row !== null && (
              <span
                className="absolute px-1.5 whitespace-nowrap"
                style={{
                  top: flag.row * ROW_PX,
                  ...(flag.toLeft ? { right: width - flag.x } : { left: flag.x }),
                }}
              >
                {flag.words}
              </span>
            )}
          </span>
        ))}
      </div>
      <ol className="sr-only" aria-label="What happens on the way">
        {milestones.map((milestone) => (
          <li key={`${milestone.payment}-${milestone.kind}`}>
            payment {milestone.payment}: {say(milestone)}
          </li>
        ))}
      </ol>
    </>
  )
}
