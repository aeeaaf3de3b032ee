import { useLayoutEffect } from 'react'
import { useEntries } from './EntriesContext'

const SEPARATOR = '\n'

/** Tells problems of these places at the field that calls this, and so nowhere else. */
export function useClaim(places: readonly string[]) {
  const { claim } = useEntries()
  const joined = places.join(SEPARATOR)
  useLayoutEffect(() => claim(joined.split(SEPARATOR)), [claim, joined])
}
