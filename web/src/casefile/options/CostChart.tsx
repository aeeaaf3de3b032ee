import { useState } from 'react'
import { TakePicture } from '../../picture/TakePicture'
import { RadioChoice } from '../../ui/RadioChoice'
import { TextButton } from '../../ui/TextButton'
import { useWidth } from '../../ui/useWidth'
import { useOpenCase } from '../CaseContext'
import { CheapestBand } from './CheapestBand'
import { answeredOf, inSentence, type Comparison } from './compared'
import { costSvg } from './costSvg'
import { CostPicture } from './CostPicture'
import { CostTable } from './CostTable'
import { nearMonths, shownOf } from './costMarks'

type Reach = 'near' | 'whole'

const REACHES: readonly [Reach, string][] = [
  ['near', 'near years'],
  ['whole', 'whole life'],
]

/** What each option costs against the baseline by how long it is kept, as lines or a table, and which costs least when. */
export function CostChart({ comparison }: { comparison: Comparison }) {
  const { document } = useOpenCase()
  const [reach, setReach] = useState<Reach>('near')
  const [hidden, setHidden] = useState<ReadonlySet<string>>(new Set())
  const [asTable, setAsTable] = useState(false)
  const [attach, width] = useWidth()
  const near = nearMonths(comparison)
  const isWhole = reach === 'whole' || near >= comparison.view.horizonMonths
  const months = isWhole ? comparison.view.horizonMonths : near
  const shown = shownOf(comparison, hidden)
  const toggle = (id: string) => {
    const next = new Set(hidden)
    if (!next.delete(id)) next.add(id)
    setHidden(next)
  }
  if (comparison.options.length === 1) {
    return (
      <p className="font-figures text-soft text-lg">
        Add an option to see which costs least for as long as they keep it: a shorter term, more down, points,
        an extra each month.
      </p>
    )
  }
  if (answeredOf(comparison).length === 1) return null
  return (
    <section aria-labelledby="over-time-heading" ref={attach}>
      <div className="flex flex-wrap items-baseline justify-between gap-x-6">
        <h2 id="over-time-heading" className="heading">
          Cost compared with {inSentence(comparison.base)}, by how long it is kept
        </h2>
        <div className="screen-only flex flex-wrap items-baseline gap-x-4">
          {near < comparison.view.horizonMonths && (
            <RadioChoice label="Reach" value={reach} choices={REACHES} choose={setReach} />
          )}
          <TextButton onClick={() => setAsTable(!asTable)}>{asTable ? 'As chart' : 'As table'}</TextButton>
          <TakePicture
            title={document.title}
            name="options over time"
            draw={() => costSvg({ title: document.title, comparison, shown, months })}
          />
        </div>
      </div>
      {asTable ? (
        <CostTable comparison={comparison} months={months} />
      ) : (
        width > 0 && (
          <CostPicture
            comparison={comparison}
            shown={shown}
            hidden={hidden}
            toggle={toggle}
            months={months}
            width={width}
          />
        )
      )}
      <CheapestBand comparison={comparison} months={months} isAsWide={!asTable} width={width} />
    </section>
  )
}
