import { useQuery } from '@tanstack/react-query'
import { DropdownMenu } from 'radix-ui'
import { useState } from 'react'
import { ladderQuery, type LadderBuild } from '../../api/answers'
import type { RungView } from '../../api/client'
import { formatAmount, formatDifference } from '../../format/amount'
import { formatPercent } from '../../format/percent'
import { TakePicture } from '../../picture/TakePicture'
import { isWorkingKey } from '../../working/Explained'
import type { FigureName } from '../../working/figureWords'
import { useWorkingPanel } from '../../working/workingPanel'
import { useOpenCase } from '../CaseContext'
import { withFields } from '../option'
import { addOption, MOST_OPTIONS } from '../options'
import { LadderSettings } from './LadderSettings'
import { ladderSvg } from './ladderSvg'
import { MEASURES, type Measure } from './measures'
import { RungTable } from './RungTable'

const USUAL: LadderBuild = { from: 'BEGINNING', stepPercent: 0.25, down: 4, up: 4 }

/** What the loan would cost at rates around its own: one picture, switched between three measures, or a table. */
export function RateLadder() {
  const { answered, document, selected, option, figures } = useOpenCase()
  const [build, setBuild] = useState(USUAL)
  const [measure, setMeasure] = useState<Measure>('overTheLifeCents')
  const [asTable, setAsTable] = useState(false)
  const asked = figures.rateEnd ? build : { ...build, from: 'BEGINNING' as const }
  const rungs = useQuery(ladderQuery(answered, selected, asked))
  return (
    <section aria-labelledby="ladder-heading">
      <div className="flex flex-wrap items-baseline justify-between gap-x-2">
        <h2 id="ladder-heading" className="heading">
          If the rate were…
        </h2>
        <div role="radiogroup" aria-label="Told by" className="-mr-0.5 flex gap-x-0.5 text-[0.8125rem]">
          {Object.entries(MEASURES).map(([key, { words }]) => (
            <button
              key={key}
              type="button"
              role="radio"
              aria-checked={measure === key}
              className="measure"
              onClick={() => setMeasure(key as Measure)}
            >
              {words}
            </button>
          ))}
        </div>
      </div>
      {rungs.isError ? (
        <p className="text-soft mt-3">{rungs.error.message}</p>
      ) : asTable ? (
        <RungTable rungs={rungs.data ?? []} from={asked.from} />
      ) : (
        <Rungs rungs={rungs.data ?? []} measure={measure} from={asked.from} />
      )}
      <LadderSettings
        takePicture={
          <TakePicture
            name="rates"
            draw={() => ladderSvg(document.title, rungs.data ?? [], measure, option.ratePercent)}
          />
        }
        build={asked}
        setBuild={setBuild}
        asTable={asTable}
        setAsTable={setAsTable}
      />
    </section>
  )
}

type RungsProps = { rungs: readonly RungView[]; measure: Measure; from: LadderBuild['from'] }

function Rungs({ rungs, measure, from }: RungsProps) {
  const most = Math.max(1, ...rungs.map((rung) => Math.abs(rung[measure])))
  return (
    <ul className="mt-1.5" aria-label="Rates and what they would cost">
      {rungs.map((rung) => (
        <li key={rung.ratePercent}>
          <Rung rung={rung} measure={measure} from={from} share={rung[measure] / most} />
        </li>
      ))}
    </ul>
  )
}

type RungProps = { rung: RungView; measure: Measure; from: LadderBuild['from']; share: number }

/** One rate: choosing it takes it, begins an option with it, or tells how its figures came about. */
function Rung({ rung, measure, from, share }: RungProps) {
  const { store, document, selected, option } = useOpenCase()
  const isOwn = rung.ratePercent === option.ratePercent
  const change = withFields({ ratePercent: rung.ratePercent })
  const openWorking = useWorkingPanel((panel) => panel.open)
  const explain = (figure: FigureName) =>
    openWorking(figure, { of: 'rate', ratePercent: rung.ratePercent, from })
  const words = isOwn ? formatAmount(rung.paymentCents) : formatDifference(rung[measure])
  return (
    <DropdownMenu.Root>
      <DropdownMenu.Trigger
        className="rung"
        data-own={isOwn || undefined}
        aria-label={`${formatPercent(rung.ratePercent)}: ${words} ${isOwn ? 'each time' : MEASURES[measure].words}`}
        onKeyDown={(event) => {
          if (isWorkingKey(event)) explain(isOwn ? 'PAYMENT' : MEASURES[measure].figure)
        }}
      >
        <span className="text-left">{formatPercent(rung.ratePercent)}</span>
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
        <span className="font-figures text-right text-[1.0625rem]">{words}</span>
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content align="end" sideOffset={4} collisionPadding={12} className="floating">
          <DropdownMenu.Item
            className="floating-item"
            disabled={isOwn}
            onSelect={() => {
              store.changeOption(change)
              store.settle()
            }}
          >
            take this rate
          </DropdownMenu.Item>
          <DropdownMenu.Item
            className="floating-item"
            disabled={document.options.length >= MOST_OPTIONS}
            onSelect={() => store.changeOptions(addOption(document.options, selected, change))}
          >
            as a new option
          </DropdownMenu.Item>
          <DropdownMenu.Separator className="floating-separator" />
          <DropdownMenu.Item className="floating-item" onSelect={() => explain('PAYMENT')}>
            how {formatAmount(rung.paymentCents)} each time came about
          </DropdownMenu.Item>
          {!isOwn && (
            <DropdownMenu.Item className="floating-item" onSelect={() => explain(MEASURES[measure].figure)}>
              how {words} {MEASURES[measure].words} came about
            </DropdownMenu.Item>
          )}
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  )
}
