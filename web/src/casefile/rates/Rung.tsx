import { DropdownMenu } from 'radix-ui'
import type { LadderBuild } from '../../api/answers'
import type { RungView } from '../../api/client'
import { formatAmount, formatDifference } from '../../format/amount'
import { formatPercent } from '../../format/percent'
import { isWorkingKey } from '../../working/Explained'
import type { FigureName } from '../../working/figureWords'
import { useOpenPanel } from '../../panel/panelStore'
import { useOpenCase } from '../CaseContext'
import { useOption } from '../OptionContext'
import { addOption, MOST_OPTIONS } from '../options'
import { changeToRate, isPriced, ownRate, whyUnpriced, type PricedRung } from './ladder'
import { measureFigure, measureWords, type Measure } from './measures'

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

/** Choosing a rate uses it, begins an option with it, or tells how its figures are calculated. */
function Priced({ rung, measure, from, most }: RungProps<PricedRung>) {
  const { store, document } = useOpenCase()
  const { option, figures, apply } = useOption()
  const isOwn = rung.ratePercent === ownRate(option, figures, from)
  // At a renewal the rate that ends too asks for another payment, by the cents of rounding or by far.
  const isBase = isOwn && from === 'BEGINNING'
  const change = changeToRate(rung.ratePercent, figures, from)
  const openPanel = useOpenPanel()
  const explain = (figure: FigureName) =>
    openPanel({ kind: 'working', figure, subject: { of: 'rate', ratePercent: rung.ratePercent, from } })
  const words = isBase ? formatAmount(rung[measure]) : formatDifference(rung[measure])
  const told = measureWords(measure, from)
  return (
    <DropdownMenu.Root>
      <DropdownMenu.Trigger
        className="rung"
        data-own={isOwn || undefined}
        aria-label={
          isBase
            ? `${formatPercent(rung.ratePercent)}: current rate, ${formatAmount(rung.paymentCents)} per payment`
            : `${formatPercent(rung.ratePercent)}: ${words} ${told}`
        }
        onKeyDown={(event) => {
          if (isWorkingKey(event)) explain(isBase ? 'PAYMENT' : measureFigure(measure))
        }}
      >
        <span className="text-left">{formatPercent(rung.ratePercent)}</span>
        {isBase ? <Current paymentCents={rung.paymentCents} /> : <Bar share={rung[measure] / most} />}
        <span className="font-figures text-right text-[1.0625rem]">{words}</span>
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content align="end" sideOffset={4} collisionPadding={12} className="floating">
          <DropdownMenu.Item className="floating-item" disabled={isOwn} onSelect={() => apply(change)}>
            {from === 'RENEWAL' ? 'Use this rate from the renewal on' : 'Use this rate'}
          </DropdownMenu.Item>
          <DropdownMenu.Item
            className="floating-item"
            disabled={document.options.length >= MOST_OPTIONS}
            onSelect={() => store.changeOptions(addOption(document.options, option, change))}
          >
            Add as option
          </DropdownMenu.Item>
          <DropdownMenu.Separator className="floating-separator" />
          <DropdownMenu.Item className="floating-item" onSelect={() => explain('PAYMENT')}>
            How {formatAmount(rung.paymentCents)} per payment is calculated
          </DropdownMenu.Item>
          {!isBase && (
            <DropdownMenu.Item className="floating-item" onSelect={() => explain(measureFigure(measure))}>
              How {words} {told} is calculated
            </DropdownMenu.Item>
          )}
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
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
    <span className="relative h-3" aria-hidden>
      <span className="bg-soft absolute inset-y-[-0.5rem] left-1/2 w-px" />
      <span
        className="absolute inset-y-0"
        style={{
          background: share < 0 ? 'var(--color-principal)' : 'var(--color-interest)',
          left: share < 0 ? `${50 + 50 * share}%` : '50%',
          width: `${50 * Math.abs(share)}%`,
        }}
      />
    </span>
  )
}
