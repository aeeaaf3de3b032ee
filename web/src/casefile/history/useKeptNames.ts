import { useQuery } from '@tanstack/react-query'
import { useMemo } from 'react'
import { limitSetsQuery } from '../../api/affordability'
import { programmesQuery } from '../../api/letting'
import type { Names } from './names'

/** What the practice's limit sets and programmes are called, by their ids; those that are not known yet are missing. */
export function useKeptNames(): Names {
  const sets = useQuery(limitSetsQuery).data
  const programmes = useQuery(programmesQuery).data
  return useMemo(
    () =>
      new Map([
        ...(sets ?? []).map(({ id, set }) => [id, set.name] as const),
        ...(programmes ?? []).map(({ id, programme }) => [id, programme.name] as const),
      ]),
    [sets, programmes],
  )
}
