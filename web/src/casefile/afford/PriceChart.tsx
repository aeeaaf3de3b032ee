import { Drawing } from '../../picture/Drawing'
import { sheet } from '../../picture/svg'
import { TakePicture } from '../../picture/TakePicture'
import { useWidth } from '../../ui/useWidth'
import { useOpenCase } from '../CaseContext'
import { decidesWords, priceMarks, priceWords, type PriceCurve } from './priceMarks'

const HEIGHT = 176
const LEAST_PX = 240
const SHEET_WIDTH = 640
const SHEET_HEIGHT = 260

/** The largest price against one thing, with today's point marked; the same in words for those who do not see it. */
export function PriceChart({ title, curve }: { title: string; curve: PriceCurve }) {
  const { document } = useOpenCase()
  const [attach, total] = useWidth()
  if (curve.points.length === 0) return null
  const width = Math.max(LEAST_PX, total)
  return (
    <figure ref={attach}>
      <div className="flex items-baseline justify-between gap-x-4">
        <figcaption className="heading">{title}</figcaption>
        <TakePicture
          title={document.title}
          name={title.toLowerCase()}
          draw={() =>
            sheet({
              title: document.title,
              about: title,
              width: SHEET_WIDTH,
              height: SHEET_HEIGHT,
              parts: priceMarks(curve, SHEET_WIDTH, SHEET_HEIGHT),
            })
          }
        />
      </div>
      <div role="img" aria-label={`${title}: ${priceWords(curve)}`}>
        <Drawing
          marks={priceMarks(curve, width, HEIGHT)}
          width={width}
          height={HEIGHT}
          className="block w-full"
        />
      </div>
      <p className="text-soft text-xs" data-testid="decided-by">
        {decidesWords(curve)}
      </p>
    </figure>
  )
}
