import { useId, useState, type KeyboardEvent, type PointerEvent } from 'react'
import { ChartTable } from '../../picture/ChartTable'
import { Drawing } from '../../picture/Drawing'
import { upright } from '../../picture/marks'
import { sheet } from '../../picture/svg'
import { TakePicture } from '../../picture/TakePicture'
import { TextButton } from '../../ui/TextButton'
import { useWidth } from '../../ui/useWidth'
import { useOpenCase } from '../CaseContext'
import { curveMarks, curveScales, VALUES_PX, type Curve } from './curveMarks'

const HEIGHT = 150
const LEAST_PX = 200
const SHEET_WIDTH = 640
const SHEET_HEIGHT = 240
const STEPS: Record<string, number> = { ArrowLeft: -1, ArrowRight: 1, Home: -Infinity, End: Infinity }

type CurveFigureProps = { title: string; columns: readonly [at: string, value: string]; curve: Curve }

/** A curve that is read on hover and by arrow keys, shown as a table, and taken away as a picture. */
export function CurveFigure({ title, columns, curve }: CurveFigureProps) {
  const { document } = useOpenCase()
  const [asTable, setAsTable] = useState(false)
  const headingId = useId()
  const { points, writeAt, writeValue } = curve
  if (points.length === 0) return null
  return (
    <section aria-labelledby={headingId}>
      <div className="flex flex-wrap items-baseline gap-x-4">
        <h3 id={headingId} className="heading grow">
          {title}
        </h3>
        <TextButton onClick={() => setAsTable(!asTable)}>
          {asTable ? 'Show chart' : 'Show table'}
          <span className="sr-only"> of {title}</span>
        </TextButton>
        <TakePicture
          title={document.title}
          name={title.toLowerCase()}
          draw={() =>
            sheet({
              title: document.title,
              about: title,
              width: SHEET_WIDTH,
              height: SHEET_HEIGHT,
              parts: curveMarks(curve, SHEET_WIDTH, SHEET_HEIGHT),
            })
          }
        />
      </div>
      {asTable ? (
        <ChartTable
          label={`${title}, as a table`}
          columns={columns}
          rows={points.map(({ at, value }) => ({
            key: at,
            head: writeAt(at),
            cells: <td>{writeValue(value)}</td>,
          }))}
        />
      ) : (
        <Readable title={title} curve={curve} />
      )}
    </section>
  )
}

/** The curve with a marker that says where it stands. */
function Readable({ title, curve }: { title: string; curve: Curve }) {
  const [attach, total] = useWidth()
  const { points, today, writeAt, writeValue } = curve
  const start = points.findIndex(({ at }) => at === today)
  const [wanted, setPlace] = useState<number | null>(null)
  const place = Math.min(points.length - 1, wanted ?? Math.max(0, start))
  const width = Math.max(LEAST_PX, total)
  const { x } = curveScales(curve, width, HEIGHT)
  const read = points[place]
  const words = read ? `${writeAt(read.at)}: ${writeValue(read.value)}` : ''

  const follow = ({ currentTarget, clientX }: PointerEvent<HTMLElement>) => {
    const at = x.invert(clientX - currentTarget.getBoundingClientRect().left)
    const distances = points.map((point) => Math.abs(point.at - at))
    setPlace(distances.indexOf(Math.min(...distances)))
  }
  const step = (event: KeyboardEvent) => {
    const by = STEPS[event.key]
    if (by === undefined) return
    event.preventDefault()
    setPlace(Math.max(0, Math.min(points.length - 1, place + by)))
  }
  return (
    <>
      <p className="font-figures text-[1.0625rem]" aria-hidden>
        {words}
      </p>
      <div
        ref={attach}
        role="slider"
        tabIndex={0}
        aria-label={title}
        aria-valuemin={0}
        aria-valuemax={points.length - 1}
        aria-valuenow={place}
        aria-valuetext={words}
        className="curve"
        onPointerMove={follow}
        onPointerLeave={() => setPlace(null)}
        onKeyDown={step}
      >
        <Drawing
          marks={[
            ...curveMarks(curve, width, HEIGHT),
            ...(read ? [upright(Math.max(VALUES_PX, x(read.at)), 12, HEIGHT - 20, 'act')] : []),
          ]}
          width={width}
          height={HEIGHT}
          className="block w-full"
        />
      </div>
    </>
  )
}
