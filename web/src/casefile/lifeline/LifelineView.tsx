import { useQuery } from '@tanstack/react-query'
import { useMemo } from 'react'
import { scheduleQuery } from '../../api/answers'
import { useWidth } from '../../ui/useWidth'
import { useOption } from '../OptionContext'
import { Lifeline } from './Lifeline'
import { lifeOf } from './life'

/** The loan's life from first to last payment: its picture, its schedule, and what proves it. */
export function LifelineView() {
  const { answered } = useOption()
  const schedule = useQuery(scheduleQuery(answered))
  const life = useMemo(() => (schedule.data ? lifeOf(schedule.data) : null), [schedule.data])
  // Measured while the schedule is on its way, so that the picture need not be laid out twice.
  const [frame, width] = useWidth()
  return (
    <div className="figures-sheet" ref={frame}>
      {schedule.isError ? (
        <p className="text-over font-medium">{schedule.error.message}</p>
      ) : life ? (
        <Lifeline life={life} width={width} />
      ) : (
        <p className="text-soft">Loading the schedule…</p>
      )}
    </div>
  )
}
