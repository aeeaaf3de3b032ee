import { Drawing } from '../../picture/Drawing'
import type { Look } from './compared'

const WIDTH_PX = 22
const HEIGHT_PX = 8

/** A piece of an option's line: how it is told apart without its colour. */
export function LineSample({ look }: { look: Look }) {
  return (
    <Drawing
      marks={[
        {
          mark: 'line',
          path: `M0,${HEIGHT_PX / 2}H${WIDTH_PX}`,
          stroke: look.colour,
          ...(look.dash ? { dash: look.dash } : {}),
          thickness: 2,
        },
      ]}
      width={WIDTH_PX}
      height={HEIGHT_PX}
      className="h-2 w-5.5 shrink-0"
    />
  )
}
