import { useState } from 'react'
import { ladderQuery, type LadderBuild } from '../../api/answers'
import { AnswerScope, AnswerStatus } from '../../answer/AnswerScope'
import { useAnswer } from '../../answer/useAnswer'
import type { RungView } from '../../api/client'
import { formatDay } from '../../format/date'
import { formatPercent } from '../../format/percent'
import { TakePicture } from '../../picture/TakePicture'
import { RadioChoice } from '../../ui/RadioChoice'
import { useOpenCase } from '../CaseContext'
import { useOption } from '../OptionContext'
import { useBuilds } from './builds'
import { isPriced, ownRate, whyUnpriced } from './ladder'
import { LadderSettings } from './LadderSettings'
import { ladderSvg } from './ladderSvg'
import { ALL_MEASURES, measureWords, type Measure } from './measures'
import { Rung } from './Rung'
import { RungTable } from './RungTable'
import './rates.css'

/** What the loan would cost at rates around its own: one picture, switched between three measures, or a table. */
export function RateLadder() {
  const { id, document, locale } = useOpenCase()
  const { option, figures, answered } = useOption()
  const { builds, setBuild } = useBuilds(id)
  const [wanted, setWanted] = useState<LadderBuild['from']>('BEGINNING')
  const [measure, setMeasure] = useState<Measure>('wholeLoanCents')
  const [asTable, setAsTable] = useState(false)
  const from = figures.rateEnd ? wanted : 'BEGINNING'
  const answer = useAnswer(ladderQuery(answered, builds[from]), answered.document)
  const rungs = answer.value ?? []
  const renewal = from === 'RENEWAL' && figures.rateEnd ? formatDay(figures.rateEnd.day, locale) : null
  return (
    <section aria-labelledby="ladder-heading">
      <div className="flex flex-wrap items-baseline justify-between gap-x-2">
        <h2 id="ladder-heading" className="heading">
          {renewal === null ? 'Rates' : `At renewal on ${renewal}`}
        </h2>
        <RadioChoice
          label="Compare by"
          value={measure}
          choices={ALL_MEASURES.map((each) => [each, measureWords(each, from)])}
          choose={setMeasure}
        />
      </div>
      {renewal !== null && <p className="text-soft text-[0.8125rem]">{comparedWords(measure)}</p>}
      {answer.failure !== null && <AnswerStatus of={answer} />}
      <AnswerScope of={answer}>
        {asTable ? (
          <RungTable rungs={rungs} measure={measure} from={from} />
        ) : (
          <Rungs rungs={rungs} measure={measure} from={from} expected={rungsOf(builds[from])} />
        )}
        <LadderSettings
          takePicture={
            <TakePicture
              title={document.title}
              name="rates"
              draw={() =>
                ladderSvg({
                  title: document.title,
                  rungs,
                  measure,
                  own: ownRate(option, figures, from),
                  from,
                  renewal,
                })
              }
            />
          }
          key={from}
          build={builds[from]}
          setBuild={setBuild}
          setFrom={setWanted}
          asTable={asTable}
          setAsTable={setAsTable}
        />
      </AnswerScope>
    </section>
  )
}

/** What the differences of a renewal are differences to. */
const comparedWords = (measure: Measure) =>
  measure === 'wholeLoanCents'
    ? 'compared with renewing at the rate that ends'
    : 'compared with the payment before the renewal'

type RungsProps = {
  rungs: readonly RungView[]
  measure: Measure
  from: LadderBuild['from']
  /** How many there will be, while there are none: what stands below keeps its place. */
  expected: number
}

const rungsOf = ({ down, up }: LadderBuild) => down + up + 1
const RUNG_REM = 1.72

function Rungs({ rungs, measure, from, expected }: RungsProps) {
  const most = Math.max(1, ...rungs.filter(isPriced).map((rung) => Math.abs(rung[measure])))
  const unpriced = rungs.find((rung) => !isPriced(rung))
  return (
    <>
      <ul
        className="mt-1.5"
        style={{ minHeight: rungs.length === 0 ? `${expected * RUNG_REM}rem` : undefined }}
        aria-label="Rates and their cost"
      >
        {rungs.map((rung) => (
          <li key={rung.ratePercent}>
            <Rung rung={rung} measure={measure} from={from} most={most} />
          </li>
        ))}
      </ul>
      {unpriced && (
        <p aria-hidden className="text-soft mt-1 text-xs">
          At {formatPercent(unpriced.ratePercent)}: {whyUnpriced(unpriced)}
        </p>
      )}
    </>
  )
}
