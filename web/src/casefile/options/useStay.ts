import { useOpenCase } from '../CaseContext'
import { baselineOf } from '../option'
import { LONGEST_STAY_MONTHS } from './stay'

/** Changes how long the clients keep the loan, within a run of changes that are undone as one. */
export function useStay() {
  const { store, document } = useOpenCase()
  return {
    baseline: baselineOf(document),
    keep: (months: number) =>
      store.changeDocument({
        assumptions: {
          ...document.assumptions,
          keptMonths: Math.min(LONGEST_STAY_MONTHS, Math.max(1, Math.round(months))),
        },
      }),
  }
}
