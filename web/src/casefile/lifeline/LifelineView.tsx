import { useMemo } from 'react'
import { scheduleQuery } from '../../api/answers'
import { AnswerScope, AnswerStatus } from '../../answer/AnswerScope'
import { useAnswer } from '../../answer/useAnswer'
import { useWidth } from '../../ui/useWidth'
import { useOption } from '../OptionContext'
import { Lifeline } from './Lifeline'
import { lifeOf } from './life'

/** The loan's life from first to last payment: its picture, its schedule, and what proves it. */
export function LifelineView() {
  const { answered } = useOption()
  const answer = useAnswer(scheduleQuery(answered), answered.document)
  const life = useMemo(() => answer.value && lifeOf(answer.value), [answer.value])
  // Measured while the schedule is on its way, so that the picture need not be laid out twice.
  const [frame, width] = useWidth()
  return (
    <div className="figures-sheet" ref={frame}>
      {(life === null || answer.failure !== null) && <AnswerStatus of={answer} />}
      {life && (
        <AnswerScope of={answer}>
          <Lifeline life={life} width={width} />
        </AnswerScope>
      )}
    </div>
  )
}
