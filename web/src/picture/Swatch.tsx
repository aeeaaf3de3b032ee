import { Drawing } from './Drawing'
import type { Colour } from './looks'

const SIDE_PX = 10

/** Shows what a colour with its pattern stands for. */
export function Swatch({ colour }: { colour: Colour }) {
  return (
    <Drawing
      marks={[{ mark: 'bar', x: 0, y: 0, width: SIDE_PX, height: SIDE_PX, fill: colour }]}
      width={SIDE_PX}
      height={SIDE_PX}
      className="mr-2.5 inline-block size-2.5"
    />
  )
}
