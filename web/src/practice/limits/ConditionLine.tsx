import { readFigure } from '../../entry/figure'
import { formatPercent } from '../../format/percent'
import { Choice } from '../../sentence/Choice'
import { Figure } from '../../sentence/Figure'
import { TextButton } from '../../ui/TextButton'
import { BOUNDS, conditionWords, DECIDED_BY, FACTS, type Condition } from './setWords'

const ABOUT = { ...FACTS, DECIDED: 'it is decided' } as const
const USUAL_VALUES = { RESERVES: 6, SCORE: 620, LOAN_TO_VALUE: 80 } as const

type ConditionLineProps = {
  /** What leads to it: if, and. */
  lead: string
  at: string
  condition: Condition
  change: (fields: Partial<Condition>) => void
  step: (fields: Partial<Condition>) => void
  remove: () => void
}

/** When a test applies, within its line. */
export function ConditionLine({ lead, at, condition, change, step, remove }: ConditionLineProps) {
  const { fact, bound, value, underwriting } = condition
  return (
    <span>
      {lead}
      <Choice
        label="Condition about"
        value={fact ?? 'DECIDED'}
        words={ABOUT}
        choose={(about) =>
          step(
            about === 'DECIDED'
              ? { fact: null, bound: null, value: null, underwriting: 'MANUAL' }
              : { fact: about, bound: 'FROM', value: USUAL_VALUES[about], underwriting: null },
          )
        }
      />{' '}
      {underwriting !== null && (
        <Choice
          label="Decided by whom"
          value={underwriting}
          words={DECIDED_BY}
          choose={(by) => step({ underwriting: by })}
        />
      )}
      {fact !== null && bound !== null && (
        <>
          <Choice
            label="How it lies"
            value={bound}
            words={BOUNDS}
            choose={(chosen) => step({ bound: chosen })}
          />{' '}
          <Figure
            label="Value of the condition"
            pointer={`${at}/value`}
            text={fact === 'LOAN_TO_VALUE' ? formatPercent(value ?? 0) : String(value ?? 0)}
            read={readFigure}
            inputMode="decimal"
            take={(chosen) => change({ value: chosen })}
          />
        </>
      )}{' '}
      <span className="font-words align-middle text-xs">
        <TextButton onClick={remove}>
          <span aria-hidden>×</span>
          <span className="sr-only">Without “{conditionWords(condition)}”</span>
        </TextButton>
      </span>
    </span>
  )
}
