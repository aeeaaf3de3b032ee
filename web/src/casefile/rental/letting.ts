import type { CaseDocument, LettingDocument } from '../../api/client'

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

/** A case at another rent, typed by hand: what was estimated says nothing of it any more. */
export const withRent = (
  document: CaseDocument,
  fields: Partial<Pick<LettingDocument, 'rentCents' | 'lowRentCents' | 'highRentCents'>>,
): Partial<CaseDocument> => withLetting(document, { ...fields, rentEstimate: null })
