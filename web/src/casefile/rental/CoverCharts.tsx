import type { ProgrammeAnswerView } from '../../api/client'
import { formatEntry } from '../../format/amount'
import { CurveFigure } from './CurveFigure'
import type { Curve } from './curveMarks'
import { coverText } from './lettingWords'
import type { Letting } from './useLetting'
import { purchaseOf } from '../option'
import { useOption } from '../OptionContext'

/** How the cover moves with the price and with the rent, with the line of the programme's least. */
export function CoverCharts({ letting: { letting, view } }: { letting: Letting }) {
  const { option } = useOption()
  const { chosen } = view
  if (chosen?.cover == null) return null
  const ofPoints = (points: ProgrammeAnswerView['byRent'], today: number | null): Curve => ({
    points: points.map(({ cents, cover }) => ({ at: cents, value: cover })),
    level: chosen.leastCover,
    levelWords: `the programme’s least, ${coverText(chosen.leastCover, chosen.coverUnit)}`,
    today,
    writeAt: formatEntry,
    writeValue: (value) => coverText(Number(value.toFixed(2)), chosen.coverUnit),
  })
  return (
    <div className="mid:grid-cols-2 mt-8 grid grid-cols-1 items-start gap-x-10 gap-y-8">
      <CurveFigure
        title="Cover by rent"
        columns={['Rent a month', 'Cover']}
        curve={ofPoints(chosen.byRent, letting.rentCents)}
      />
      {chosen.byPrice.length > 0 && (
        <CurveFigure
          title="Cover by price"
          columns={['Price', 'Cover']}
          curve={ofPoints(chosen.byPrice, purchaseOf(option)?.priceCents ?? null)}
        />
      )}
    </div>
  )
}
