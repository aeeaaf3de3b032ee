import type { LadderBuild } from '../../api/answers'
import type { RungView } from '../../api/client'
import { formatAmount } from '../../format/amount'
import { formatPercent } from '../../format/percent'
import { ChartTable } from '../../picture/ChartTable'
import { Explained } from '../../working/Explained'
import { useOption } from '../OptionContext'
import { isPriced, ownRate, whyUnpriced, type PricedRung } from './ladder'
import { measureFigure, measureWords, type Measure } from './measures'
import { differenceWords, RateMenu } from './RateMenu'

type RungTableProps = { rungs: readonly RungView[]; measure: Measure; from: LadderBuild['from'] }

/** The rungs by the chosen measure; each rate can be used from here too. */
export function RungTable({ rungs, measure, from }: RungTableProps) {
  const { option, figures } = useOption()
  const own = ownRate(option, figures, from)
  return (
    <ChartTable
      label="Rates as a table"
      columns={['Rate', 'Payment', `Difference ${measureWords(measure, from)}`]}
      rows={rungs.map((rung) => ({
        key: rung.ratePercent,
        head: isPriced(rung) ? (
          <RateMenu rung={rung} measure={measure} from={from} className="rate-of-table">
            {formatPercent(rung.ratePercent)}
            {rung.ratePercent === own && <span className="note">current</span>}
          </RateMenu>
        ) : (
          formatPercent(rung.ratePercent)
        ),
        cells: isPriced(rung) ? (
          <Figures rung={rung} measure={measure} from={from} own={own} />
        ) : (
          <td colSpan={2} className="text-soft" title={whyUnpriced(rung)}>
            no figures<span className="sr-only">: {whyUnpriced(rung)}</span>
          </td>
        ),
      }))}
    />
  )
}

type FiguresProps = { rung: PricedRung; measure: Measure; from: LadderBuild['from']; own: number }

function Figures({ rung, measure, from, own }: FiguresProps) {
  const subject = { of: 'rate', ratePercent: rung.ratePercent, from } as const
  const isBase = rung.ratePercent === own && from === 'BEGINNING'
  return (
    <>
      <td>
        <Explained figure="PAYMENT" subject={subject}>
          {formatAmount(rung.paymentCents)}
        </Explained>
      </td>
      <td>
        <Explained figure={measureFigure(measure)} subject={subject}>
          {differenceWords(rung, measure, isBase)}
        </Explained>
      </td>
    </>
  )
}
