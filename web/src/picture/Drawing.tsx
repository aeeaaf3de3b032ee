import './drawing.css'
import { useId } from 'react'
import { TILE_PX, TILES, type Colour } from './looks'
import type { Mark } from './marks'

type DrawingProps = {
  marks: readonly Mark[]
  /** In pixels; where it is shown at another width, it is stretched to that. */
  width: number
  height: number
  className?: string
}

const inLook = (colour: Colour) => `var(--color-${colour})`

/** A picture's marks on the screen. What they say is said beside it, in words. */
export function Drawing({ marks, width, height, className = '' }: DrawingProps) {
  const id = useId()
  const tiled = [...new Set(marks.flatMap((mark) => ('fill' in mark && TILES[mark.fill] ? [mark.fill] : [])))]
  return (
    <svg
      viewBox={`0 0 ${width} ${height}`}
      preserveAspectRatio="none"
      className={`drawing ${className}`}
      aria-hidden
    >
      {tiled.length > 0 && (
        <defs>
          {tiled.map((colour) => (
            <pattern
              key={colour}
              id={`${id}-${colour}`}
              width={TILE_PX}
              height={TILE_PX}
              patternUnits="userSpaceOnUse"
            >
              <path d={TILES[colour]} className="drawing-tile" />
            </pattern>
          ))}
        </defs>
      )}
      {marks.map((mark, index) => (
        <Drawn key={index} mark={mark} tile={(colour) => `url(#${id}-${colour})`} />
      ))}
    </svg>
  )
}

function Drawn({ mark, tile }: { mark: Mark; tile: (colour: Colour) => string }) {
  switch (mark.mark) {
    case 'bar': {
      const { x, y, width, height, fill } = mark
      const box = { x, y, width, height }
      return (
        <>
          <rect {...box} fill={inLook(fill)} className="drawing-part" />
          {TILES[fill] && <rect {...box} fill={tile(fill)} />}
        </>
      )
    }
    case 'area':
      return <path d={mark.path} fill={inLook(mark.fill)} className="drawing-part" />
    case 'line':
      return (
        <path
          d={mark.path}
          stroke={inLook(mark.stroke)}
          strokeDasharray={mark.dash}
          style={mark.thickness === undefined ? undefined : { strokeWidth: mark.thickness }}
          className="drawing-line"
        />
      )
    case 'words':
      return (
        <text
          x={mark.x}
          y={mark.y}
          textAnchor={mark.anchor}
          fontSize={mark.size}
          fontWeight={mark.weight}
          fill={inLook(mark.colour ?? 'ink')}
          className="drawing-words"
          data-inverse={mark.colour === 'paper' || undefined}
        >
          {mark.words}
        </text>
      )
  }
}
