import { DropdownMenu } from 'radix-ui'
import type { ReactNode } from 'react'
import { useIsCurrent } from '../../answer/current'
import type { LadderBuild } from '../../api/answers'
import { formatAmount, formatDifference } from '../../format/amount'
import { formatPercent } from '../../format/percent'
import { useOpenPanel } from '../../panel/panelStore'
import { MenuContent, MenuItem, MenuSeparator } from '../../ui/Menu'
import { isWorkingKey } from '../../working/Explained'
import type { FigureName } from '../../working/figureWords'
import { useOpenCase } from '../CaseContext'
import { useOption } from '../OptionContext'
import { addOption, MOST_OPTIONS } from '../options'
import { changeToRate, ownRate, type PricedRung } from './ladder'
import { measureFigure, measureWords, type Measure } from './measures'

type RateMenuProps = {
  rung: PricedRung
  measure: Measure
  from: LadderBuild['from']
  className: string
  children: ReactNode
}

/** Choosing a rate uses it, begins an option with it, or tells how its figures are calculated. */
export function RateMenu({ rung, measure, from, className, children }: RateMenuProps) {
  const { store, document } = useOpenCase()
  const { option, figures, apply } = useOption()
  const isOwn = rung.ratePercent === ownRate(option, figures, from)
  const isBase = isOwn && from === 'BEGINNING'
  const change = changeToRate(rung.ratePercent, figures, from)
  const openPanel = useOpenPanel()
  const isCurrent = useIsCurrent()
  const explain = (figure: FigureName) =>
    openPanel({ kind: 'working', figure, subject: { of: 'rate', ratePercent: rung.ratePercent, from } })
  const words = differenceWords(rung, measure, isBase)
  const told = measureWords(measure, from)
  return (
    <DropdownMenu.Root>
      <DropdownMenu.Trigger
        className={className}
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
        {children}
      </DropdownMenu.Trigger>
      <MenuContent align="end">
        <MenuItem disabled={isOwn || !isCurrent} onSelect={() => apply(change)}>
          {from === 'RENEWAL' ? 'Use this rate from the renewal on' : 'Use this rate'}
        </MenuItem>
        <MenuItem
          disabled={!isCurrent || document.options.length >= MOST_OPTIONS}
          onSelect={() => store.changeOptions(addOption(option.id, change))}
        >
          Add as option
        </MenuItem>
        <MenuSeparator />
        <MenuItem onSelect={() => explain('PAYMENT')}>
          How {formatAmount(rung.paymentCents)} per payment is calculated
        </MenuItem>
        {!isBase && (
          <MenuItem onSelect={() => explain(measureFigure(measure))}>
            How {words} {told} is calculated
          </MenuItem>
        )}
      </MenuContent>
    </DropdownMenu.Root>
  )
}

/** A rung by a measure; the base, which all are compared with, is no difference. */
export const differenceWords = (rung: PricedRung, measure: Measure, isBase: boolean) =>
  isBase ? formatAmount(rung[measure]) : formatDifference(rung[measure])
