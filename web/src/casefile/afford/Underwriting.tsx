import { AnswerScope, AnswerStatus } from '../../answer/AnswerScope'
import { useAnswer } from '../../answer/useAnswer'
import { useState } from 'react'
import { underwritingQuery } from '../../api/affordability'
import type { ReadingView, UnderwritingView } from '../../api/client'
import { TextButton } from '../../ui/TextButton'
import { useOption } from '../OptionContext'
import { limitWords, measureName, spareWords } from './readingWords'
import type { Held } from './useAffordability'

const CONDITIONS: Record<UnderwritingView['conditions'][number], string> = {
  PAY_SLIPS: 'pay slips of the last month and the last two years’ statements',
  HOURS_OF_TWO_YEARS: 'the hours worked in the last two years, from the employer',
  HISTORY_OF_PARTLY_COUNTED_INCOME: 'two years’ history of what is counted in part',
  STATEMENTS_OF_MONEY_AT_HAND: 'statements of the money at hand, two months',
  GIFT_LETTER: 'a letter that what is given need not be paid back',
  LETTING_AGREEMENT: 'the letting agreement of the other home',
  DEBTS_PAID_OFF: 'receipts for the debts paid off at closing',
  FEW_PAYMENTS_LEFT_SHOWN: 'statements of debts that have few payments left',
  MORTGAGE_INSURANCE_IN_PLACE: 'mortgage insurance in place',
  VALUATION: 'a valuation of the home',
}

/** What the simulated underwriting desk answers under a set, once it was asked. */
export function Underwriting({ held }: { held: Held }) {
  const { answered } = useOption()
  const [isAsked, setIsAsked] = useState(false)
  const answer = useAnswer(
    { ...underwritingQuery(answered.document, answered.index, held.set), enabled: isAsked },
    answered.document,
  )
  return (
    <section aria-label="Underwriting" className="mt-3">
      <p className="screen-only">
        <TextButton onClick={() => setIsAsked(!isAsked)}>
          {isAsked ? 'Put the answer away' : 'Ask a simulated underwriting desk'}
        </TextButton>
      </p>
      {isAsked && <AnswerStatus of={answer} />}
      {isAsked && answer.value && (
        <AnswerScope of={answer}>
          <Answer view={answer.value} held={held} />
        </AnswerScope>
      )}
    </section>
  )
}

function Answer({ view, held }: { view: UnderwritingView; held: Held }) {
  const { set } = held
  return (
    <div className="border-rule mt-2 border p-3 text-[0.8125rem]" role="status">
      <p className="text-soft text-xs font-medium">Simulated: no lender has seen this.</p>
      <p className="font-figures mt-1 text-lg">
        {view.accepted ? (
          <>
            <b className="text-met">Accepted</b> under {set.name}.
          </>
        ) : (
          <>
            <b className="text-over">Referred</b> to a person under {set.name}.
          </>
        )}
      </p>
      {view.reasons.length > 0 && (
        <>
          <p className="heading mt-2">Because, where a machine decides</p>
          <Tests label="Reasons" readings={view.reasons} held={held} />
          <p className="heading mt-2">Limits where a person decides</p>
          <Tests label="Limits for a person" readings={view.manual} held={held} />
        </>
      )}
      <p className="heading mt-2">{view.accepted ? 'On these conditions' : 'To be sent with it'}</p>
      <ul aria-label="Conditions" className="list-disc pl-4">
        {view.conditions.map((condition) => (
          <li key={condition}>{CONDITIONS[condition]}</li>
        ))}
      </ul>
    </div>
  )
}

type TestsProps = { label: string; readings: readonly ReadingView[]; held: Held }

function Tests({ label, readings, held: { set } }: TestsProps) {
  return (
    <ul aria-label={label}>
      {readings.map((reading) => (
        <li key={reading.test}>
          {measureName(reading.measure, set)} {limitWords(reading)}:{' '}
          <span className={reading.isMet ? '' : 'text-over font-semibold'}>{spareWords(reading)}</span>
        </li>
      ))}
    </ul>
  )
}
