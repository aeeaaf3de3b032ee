import type { CaseDocument, EstimateDocument, LettingDocument } from '../../api/client'

/** A home that has just been said to be let: by the year, at a rent that is not known yet. */
const NEWLY_LET: LettingDocument = {
  basis: 'LONG',
  rentCents: null,
  lowRentCents: null,
  highRentCents: null,
  rentEstimate: null,
  programme: null,
  vacancyPercent: null,
  upkeepPercent: null,
  managementPercent: null,
  rentChangePercent: null,
  costChangePercent: null,
}

/** A case whose home is let as said otherwise; one that was not let is from then on. */
export const withLetting = (
  { letting }: CaseDocument,
  fields: Partial<LettingDocument>,
): Partial<CaseDocument> => ({
  letting: { ...(letting ?? NEWLY_LET), ...fields },
})

/**
 * A case at another likely rent, typed by hand: what was estimated says nothing of it any more, and goes with the range that
 * came with it.
 */
export function withRent(document: CaseDocument, rentCents: number | null): Partial<CaseDocument> {
  const estimate = document.letting?.rentEstimate
  return withLetting(document, {
    rentCents,
    ...(estimate ? { rentEstimate: null, ...withoutRange(document.letting, estimate) } : {}),
  })
}

/** The ends of a range that were not typed since, taken away. */
const withoutRange = (letting: CaseDocument['letting'], { lowCents, highCents }: EstimateDocument) => ({
  ...(letting?.lowRentCents === lowCents ? { lowRentCents: null } : {}),
  ...(letting?.highRentCents === highCents ? { highRentCents: null } : {}),
})
