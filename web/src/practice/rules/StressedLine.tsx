import type { LimitSetDocument } from '../../api/client'
import { readPercent } from '../../entry/percent'
import { formatPercent } from '../../format/percent'
import { Figure } from '../../sentence/Figure'
import { TextButton } from '../../ui/TextButton'

const USUAL_STRESS = { addedPercent: 2, floorPercent: 5.25 }

type Stressed = LimitSetDocument['stressed']

type StressedLineProps = {
  /** What is tested, at the start of a sentence. */
  subject: string
  stressed: Stressed
  change: (stressed: Stressed) => void
  step: (stressed: Stressed) => void
}

/** The rate at which something is tested: the loan's own, or a stressed one. */
export function StressedLine({ subject, stressed, change, step }: StressedLineProps) {
  if (!stressed) {
    return (
      <p className="set-line">
        {subject} is tested at the loan’s own rate.{' '}
        <TextButton onClick={() => step(USUAL_STRESS)}>At a stressed rate</TextButton>
      </p>
    )
  }
  return (
    <p className="set-line">
      {subject} is tested at{' '}
      <Figure
        label="Above the rate"
        pointer="/stressed/addedPercent"
        text={formatPercent(stressed.addedPercent)}
        read={readPercent}
        inputMode="decimal"
        take={(addedPercent) => change({ ...stressed, addedPercent })}
      />{' '}
      above the loan’s rate, and at least at{' '}
      <Figure
        label="Least tested rate"
        pointer="/stressed/floorPercent"
        text={formatPercent(stressed.floorPercent)}
        read={readPercent}
        inputMode="decimal"
        take={(floorPercent) => change({ ...stressed, floorPercent })}
        after="."
      />{' '}
      <TextButton onClick={() => step(null)}>At the loan’s own rate</TextButton>
    </p>
  )
}
