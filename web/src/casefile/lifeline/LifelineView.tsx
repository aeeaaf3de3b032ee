import { useQuery } from '@tanstack/react-query'
import { useMemo } from 'react'
import { scheduleQuery } from '../../api/answers'
import { useOpenCase } from '../CaseContext'
import { Lifeline } from './Lifeline'
import { lifeOf } from './life'

/** The loan's life from first to last payment: its picture, its schedule, and what proves it. */
export function LifelineView() {
  const { answered, selected, staleness } = useOpenCase()
  const schedule = useQuery(scheduleQuery(answered, selected))
  const life = useMemo(() => (schedule.data ? lifeOf(schedule.data) : null), [schedule.data])
  if (schedule.isError) return <p className="text-over font-medium">{schedule.error.message}</p>
  if (!life) return <p className="text-soft">Laying the schedule out…</p>
  return (
    <div className="figures-sheet" data-stale={staleness === null ? undefined : ''}>
      <Lifeline life={life} />
    </div>
  )
}
