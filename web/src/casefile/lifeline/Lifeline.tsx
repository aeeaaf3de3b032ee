import { useState } from 'react'
import { TakePicture } from '../../picture/TakePicture'
import { RadioChoice } from '../../ui/RadioChoice'
import { useOpenCase } from '../CaseContext'
import { useOption } from '../OptionContext'
import { PAYMENTS_PER_YEAR } from '../../format/conventions'
import { columnsOf, usualColumns, type Column, type ColumnKey } from './columns'
import { ColumnsMenu } from './ColumnsMenu'
import { FindField } from './FindField'
import { lifelineSvg } from './lifelineSvg'
import { LifelinePicture } from './LifelinePicture'
import type { Life, PaymentRange } from './life'
import type { LifeMeasure } from './lifeMarks'
import { PayExtraHere } from './PayExtraHere'
import { ReconciliationLine } from './ReconciliationLine'
import { MarkerReading, RangeReading } from './Reading'
import { SaveAsText } from './SaveAsText'
import { ScheduleTable } from './ScheduleTable'
import { useMarkerInAddress } from './useMarkerInAddress'
import './lifeline.css'

const MEASURES: readonly [LifeMeasure, string][] = [
  ['payment', 'per payment'],
  ['soFar', 'so far'],
  ['balance', 'balance'],
]

const YEARS_AT_FIRST = 5
const MONTHS_A_YEAR = 12

type LifelineProps = {
  life: Life
  /** Of the place that there is for it, in pixels. */
  width: number
}

/** Picture and schedule in step: the marker and the range belong to both. */
export function Lifeline({ life, width }: LifelineProps) {
  const { document, words, locale } = useOpenCase()
  const { option, answered } = useOption()
  // What is being typed may have no schedule: the picture is of the option that has this one.
  const { frequency, amortizationMonths } = (answered.document.options[answered.index] ?? option).terms
  const perYear = PAYMENTS_PER_YEAR[frequency]
  const [wanted, setMarker] = useMarkerInAddress(YEARS_AT_FIRST * perYear)
  const [chosen, setRange] = useState<PaymentRange | null>(null)
  const [measure, setMeasure] = useState<LifeMeasure>('payment')
  const [keys, setKeys] = useState<ColumnKey[] | null>(null)

  const marker = Math.min(wanted, life.payments)
  const range = chosen && chosen.first <= life.payments ? clipped(chosen, life) : null
  const hasExtras = life.extra.at(-1) !== 0
  const shown = keys ?? usualColumns(hasExtras)
  const all = columnsOf(words)
  const columns: Column[] = shown.map((key) => all[key])
  const agreed = Math.max(life.payments, Math.round((amortizationMonths * perYear) / MONTHS_A_YEAR))

  return (
    <>
      <div className="flex flex-wrap items-end justify-between gap-x-6 gap-y-1">
        <MarkerReading life={life} marker={marker} />
        <div className="flex flex-col items-start gap-y-0.5 mid:items-end">
          <RadioChoice label="Show" value={measure} choices={MEASURES} choose={setMeasure} />
          <PayExtraHere life={life} marker={marker} />
        </div>
      </div>
      <LifelinePicture
        life={life}
        measure={measure}
        width={width}
        agreed={agreed}
        perYear={perYear}
        marker={marker}
        setMarker={setMarker}
        range={range}
        setRange={setRange}
      />
      <div className="screen-only mt-2 flex flex-wrap items-baseline gap-x-5 gap-y-2">
        <FindField
          life={life}
          perYear={perYear}
          goTo={setMarker}
          span={(span) => {
            setRange(span)
            setMarker(span.first)
          }}
        />
        {!range && <p className="text-soft text-[0.8125rem]">Drag across the chart to total a period.</p>}
        <div className="ml-auto flex flex-wrap gap-x-4">
          <ColumnsMenu shown={shown} setShown={setKeys} hasValue={life.schedule.valueCents !== null} />
          <TakePicture
            title={document.title}
            name="lifeline"
            draw={() => lifelineSvg({ title: document.title, life, measure, agreed, words, locale })}
          />
          <SaveAsText life={life} columns={columns} range={range} />
        </div>
      </div>
      {range && <RangeReading life={life} range={range} clear={() => setRange(null)} />}
      <p className="more-columns screen-only" aria-hidden>
        More columns to the right →
      </p>
      <ScheduleTable life={life} columns={columns} marker={marker} setMarker={setMarker} range={range} />
      <ReconciliationLine life={life} />
    </>
  )
}

const clipped = ({ first, last }: PaymentRange, life: Life): PaymentRange => ({
  first,
  last: Math.min(last, life.payments),
})
