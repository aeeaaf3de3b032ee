import type { ProgrammeDocument } from '../../api/client'
import { newId } from '../../casefile/newId'
import type { Market } from '../../format/market'
import type { Band, Basis } from './programmeWords'

/** A band to begin with, which asks a little less than the one before it and lends less. */
export const newBand = (before: Band | undefined): Band => ({
  id: newId(),
  leastCover: before ? Math.max(0.05, Number((before.leastCover - 0.1).toFixed(4))) : 1.25,
  loanToValuePercent: before ? Math.max(5, before.loanToValuePercent - 5) : 75,
  addOnPercent: before ? before.addOnPercent + 0.25 : 0,
})

const ALL_BASES: readonly Basis['basis'][] = ['LONG', 'SHORT', 'BY_ROOM']

/** A letting basis to begin with: the first that is not there yet; null where all are. */
export const newBasis = (there: readonly Basis[]): Basis | null => {
  const basis = ALL_BASES.find((each) => there.every((other) => other.basis !== each))
  return basis ? { id: newId(), basis, countedPercent: 100, loanToValuePercent: 75, leastScore: null } : null
}

/** A programme to begin with. */
export const newProgramme = (market: Market, today: string): ProgrammeDocument => ({
  name: 'Programme of a lender',
  market,
  source: 'agreed with the lender',
  day: today,
  cover: market === 'GB' ? 'INTEREST' : 'OUTGOINGS',
  stressed: market === 'GB' ? { addedPercent: 2, floorPercent: 5.5 } : null,
  bands: [newBand(undefined)],
  bases: [{ id: newId(), basis: 'LONG', countedPercent: 100, loanToValuePercent: 75, leastScore: null }],
})
