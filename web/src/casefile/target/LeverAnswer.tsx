import { AnswerButton } from '../../answer/AnswerButton'
import type { TargetAnswerView } from '../../api/client'
import type { Target } from '../../entry/target'
import { formatAmount } from '../../format/amount'
import { formatDay } from '../../format/date'
import { usePanel } from '../../panel/panelStore'
import { Explained } from '../../working/Explained'
import { useOpenCase } from '../CaseContext'
import { useOption } from '../OptionContext'
import { addOption, MOST_OPTIONS } from '../options'
import { leverChange, leverWords } from './levers'

type LeverAnswerProps = { target: Target; answer: TargetAnswerView; value: number }

/** The limit at which a lever meets a target, what the option then comes to, and the way to have it so. */
export function LeverAnswer({ target, answer, value }: LeverAnswerProps) {
  const { locale } = useOpenCase()
  const { option } = useOption()
  const { before, figure, after } = leverWords(
    answer.lever,
    value,
    answer.isLargest,
    option.features.extras.reduce((sum, { how, cents }) => sum + (how === 'EACH_PAYMENT' ? cents : 0), 0),
  )
  const subject = { of: 'target', lever: answer.lever, target } as const
  return (
    <>
      <p>
        {before}{' '}
        <b className="font-figures text-lg font-medium">
          <Explained figure="TARGET_ANSWER" subject={subject}>
            {figure}
          </Explained>
        </b>{' '}
        {after}
      </p>
      {answer.figures && (
        <p className="text-soft text-xs">
          <Explained figure="HOUSING_COST" subject={subject}>
            {formatAmount(answer.figures.housingCost.totalCents)}
          </Explained>{' '}
          a month, paid off{' '}
          <Explained figure="PAYOFF_DATE" subject={subject}>
            {formatDay(answer.figures.payoffDate, locale)}
          </Explained>
          ,{' '}
          <Explained figure="TOTAL_INTEREST" subject={subject}>
            {formatAmount(answer.figures.totalInterestCents)}
          </Explained>{' '}
          interest
        </p>
      )}
      <Uses answer={answer} value={value} />
    </>
  )
}

function Uses({ answer, value }: Omit<LeverAnswerProps, 'target'>) {
  const { store, document } = useOpenCase()
  const { option, apply } = useOption()
  const close = usePanel((panel) => panel.close)
  const change = leverChange(answer.lever, value)
  return (
    <p className="mt-1.5 flex gap-4">
      <AnswerButton
        onClick={() => {
          apply(change)
          close()
        }}
      >
        Apply
      </AnswerButton>
      <AnswerButton
        disabled={document.options.length >= MOST_OPTIONS}
        onClick={() => {
          store.changeOptions(addOption(option.id, change))
          close()
        }}
      >
        Add as option
      </AnswerButton>
    </p>
  )
}
