import type { CaseDocument, CaseView } from '../api/client'

/** A case to test with; any field can be given otherwise. */
export const aDocument = (fields: Partial<CaseDocument> = {}): CaseDocument => ({
  format: 1,
  title: 'Lot 3, Fern Rise',
  clients: 'Odile Brandt',
  market: 'US',
  currency: 'USD',
  valueGrowthPercent: null,
  options: [
    {
      name: null,
      priceCents: 31270000,
      downCents: null,
      downPercent: 15,
      appraisalCents: null,
      loanCents: null,
      ratePercent: 5.5,
      compounding: 'MONTHLY',
      frequency: 'MONTHLY',
      rounding: 'NEAREST_CENT',
      termMonths: 300,
      rateTermMonths: null,
      firstPayment: '2027-03-01',
      interestOnlyPayments: null,
      residualCents: null,
      chosenPaymentCents: null,
      extras: [],
      extraEffect: null,
      rateChanges: [],
      buydown: null,
      closing: null,
      housing: {
        propertyTaxCents: null,
        propertyTaxPercent: null,
        homeInsuranceCents: null,
        mortgageInsurancePercent: null,
        taxAndInsuranceSentBy: null,
        duesCents: null,
        otherCents: null,
      },
    },
  ],
  ...fields,
})

export const aSavedCase = (fields: Partial<CaseView> = {}): CaseView => ({
  id: '5f0c2b1e-0000-4000-8000-000000000001',
  revision: 0,
  document: aDocument(),
  savedAt: '2026-11-24T09:30:00Z',
  savedBy: 'Bea Ostrander',
  ...fields,
})
