import { infiniteQueryOptions, keepPreviousData } from '@tanstack/react-query'
import { api, dataOf, type LogFilter } from './client'
import { fileOf } from './files'

/** Who did what in the practice, the latest first, a part of it at a time; for owners. */
export const logQuery = (filter: LogFilter) =>
  infiniteQueryOptions({
    queryKey: ['log', filter],
    queryFn: async ({ signal, pageParam: from }) =>
      dataOf(await api.GET('/api/log', { params: { query: { ...filter, from } }, signal })),
    initialPageParam: 0,
    getNextPageParam: ({ total }, parts) => {
      const listed = parts.reduce((sum, { entries }) => sum + entries.length, 0)
      return listed < total ? listed : null
    },
    placeholderData: keepPreviousData,
    // Whatever is done anywhere adds to it.
    staleTime: 0,
  })

/** The same as a file of separated values. */
export const logFile = async (filter: LogFilter) =>
  fileOf(await fetch(`/api/log/csv?${new URLSearchParams(chosen(filter)).toString()}`))

/** What a filter says; what was set back to any says nothing. */
const chosen = (filter: LogFilter) =>
  Object.entries<string | undefined>(filter).filter((each): each is [string, string] => each[1] !== undefined)
