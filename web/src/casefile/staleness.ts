import type { Figures } from './useFigures'

/** Why the figures are not those of the entries as they stand; null where they are, or will be before anyone sees. */
export function stalenessOf({ hasFaultyEntry, status }: Figures, isLate: boolean): string | null {
  if (hasFaultyEntry) return 'Showing the last valid results.'
  switch (status) {
    case 'silent':
      return 'No connection: showing the last results.'
    case 'failed':
      return 'The server could not calculate this, trying again: showing the last results.'
    case 'pending':
      return isLate ? 'Calculating…' : null
    default:
      return null
  }
}
