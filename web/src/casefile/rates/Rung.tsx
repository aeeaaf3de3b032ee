import type { LadderBuild } from '../../api/answers'
import type { RungView } from '../../api/client'
import { formatAmount } from '../../format/amount'
import { formatPercent } from '../../format/percent'
import { Drawing } from '../../picture/Drawing'
import { useOption } from '../OptionContext'
import { isPriced, ownRate, whyUnpriced, type PricedRung } from './ladder'
import type { Measure } from './measures'
import { differenceWords, RateMenu } from './RateMenu'
import { rungMarks } from './rungMarks'

const RUNG_PX = 27.5
const BAR_PX = 200
const BAR_HEIGHT_PX = 12

type RungProps<R> = {
  rung: R
  measure: Measure
  from: LadderBuild['from']
  /** The largest difference among the rungs, in cents: as long as the picture is wide. */
  most: number
}

/** One rate of the ladder. */
export function Rung({ rung, ...rest }: RungProps<RungView>) {
  return isPriced(rung) ? <Priced rung={rung} {...rest} /> : <Unpriced rung={rung} />
}

function Unpriced({ rung }: { rung: RungView }) {
  return (
    <p className="rung" title={whyUnpriced(rung)}>
      <span className="text-left">{formatPercent(rung.ratePercent)}</span>
      <span className="text-soft col-span-2 text-right">
        no figures<span className="sr-only">: {whyUnpriced(rung)}</span>
      </span>
    </p>
  )
}

function Priced({ rung, measure, from, most }: RungProps<PricedRung>) {
  const { option, figures } = useOption()
  // At a renewal the rate that ends too asks for another payment, by the cents of rounding or by far.
  const isBase = rung.ratePercent === ownRate(option, figures, from) && from === 'BEGINNING'
  return (
    <RateMenu rung={rung} measure={measure} from={from} className="rung">
      <span className="text-left">{formatPercent(rung.ratePercent)}</span>
      {isBase ? <Current paymentCents={rung.paymentCents} /> : <Bar share={rung[measure] / most} />}
      <span className="font-figures text-right text-[1.0625rem]">
        {differenceWords(rung, measure, isBase)}
      </span>
    </RateMenu>
  )
}

/** In the middle of the base: what it is, and what its payment is. */
function Current({ paymentCents }: { paymentCents: number }) {
  return (
    <span className="relative h-5">
      <span className="rung-current">current rate, {formatAmount(paymentCents)}</span>
    </span>
  )
}

/** A difference to both sides of the middle, as a share of the largest. */
function Bar({ share }: { share: number }) {
  return (
    <Drawing
      marks={rungMarks(share, BAR_PX, RUNG_PX, BAR_HEIGHT_PX)}
      width={BAR_PX}
      height={RUNG_PX}
      className="rung-bar"
    />
  )
}
