import { useMutation, useQueryClient } from '@tanstack/react-query'
import { startLimits } from '../../api/affordability'
import { MARKETS } from '../../format/market'
import { MarketMenu } from '../rules/MarketMenu'
import { RulesPage } from '../rules/RulesPage'
import { LIMIT_SETS } from './limitSets'

/** The limits that cases are held against: public ones to start with, and those of the practice's lenders. */
export function LimitsPage() {
  const queries = useQueryClient()
  const starting = useMutation({
    mutationFn: startLimits,
    onSettled: () => queries.invalidateQueries({ queryKey: LIMIT_SETS.queryKey }),
  })
  return (
    <RulesPage
      kind={LIMIT_SETS}
      actions={<MarketMenu words="Add starting limits…" choose={(market) => starting.mutate(market)} />}
      told={
        <>
          {starting.error && (
            <p role="alert" className="field-problem">
              {starting.error.message}
            </p>
          )}
          {starting.isSuccess && (
            <p role="status" className="mt-3">
              {starting.data.length === 0
                ? `The starting limits of ${MARKETS[starting.variables].name} were all here already.`
                : `${starting.data.length} added for ${MARKETS[starting.variables].name}.`}
            </p>
          )}
        </>
      }
    />
  )
}
