import { useMutation, useQueryClient } from '@tanstack/react-query'
import { limitSetsQuery, startLimits } from '../../api/affordability'
import { MARKETS, marketOf } from '../../format/market'
import { useOpenCase } from '../CaseContext'

/** What stands in the view while the practice has no limits for the case's market. */
export function NoLimits() {
  const { document } = useOpenCase()
  const queries = useQueryClient()
  const market = marketOf(document)
  const starting = useMutation({
    mutationFn: () => startLimits(market),
    onSuccess: () => queries.invalidateQueries({ queryKey: limitSetsQuery.queryKey }),
  })
  return (
    <div>
      <p className="sentence">The practice has no limits for this market yet.</p>
      <p className="text-soft mt-2">
        Public figures to start with, each with its source, to be checked before use.
      </p>
      <p className="mt-3">
        <button
          type="button"
          className="button"
          disabled={starting.isPending}
          onClick={() => starting.mutate()}
        >
          Take the starting limits: {MARKETS[market].name}
        </button>
      </p>
      {starting.error && (
        <p role="alert" className="field-problem mt-2">
          {starting.error.message}
        </p>
      )}
    </div>
  )
}
