import { queryOptions, useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { api, dataOf, type OptionRow } from '../../api/client'

const rowsQuery = queryOptions({
  queryKey: ['option-rows'],
  queryFn: async ({ signal }) => dataOf(await api.GET('/api/practice/option-rows', { signal })),
  staleTime: 60_000,
})

/** The rows by which the practice compares options, and the way to choose others for all of its cases. */
export function useOptionRows() {
  const queries = useQueryClient()
  const chosen = useQuery(rowsQuery)
  const choosing = useMutation({
    mutationFn: async (rows: OptionRow[]) =>
      dataOf(await api.PUT('/api/practice/option-rows', { body: { rows } })),
    onSuccess: (saved) => queries.setQueryData(rowsQuery.queryKey, saved),
  })
  // The choice shows at once; where it is refused, the one that stands comes back.
  const rows = choosing.isPending ? choosing.variables : chosen.data?.rows
  return { rows: new Set<OptionRow>(rows), choose: choosing.mutate, error: choosing.error ?? chosen.error }
}
