import type { CaseDocument, CaseView, HouseholdDocument } from '../api/client'

/** Nobody, of whom nothing is known. */
export const NOBODY: HouseholdDocument = {
  people: [],
  incomes: [],
  properties: [],
  atHandCents: null,
  giftsCents: null,
  mustStayCents: null,
  size: null,
  region: null,
  incomeTaxCents: null,
  upkeepCents: null,
  housingTodayCents: null,
  score: null,
  underwriting: null,
  limitSet: null,
}

/** A case to test with; any field can be given otherwise. */
export const aDocument = (fields: Partial<CaseDocument> = {}): CaseDocument => ({
  format: 2,
  title: 'Lot 3, Fern Rise',
  clients: 'Odile Brandt',
  market: 'US',
  currency: 'USD',
  assumptions: { homeValuePercent: null, discountPercent: null, marginalTaxPercent: null, keptMonths: null },
  debts: [],
  household: NOBODY,
  home: null,
  letting: null,
  presentPayment: null,
  conclusion: null,
  pricedOn: null,
  handout: null,
  options: [
    {
      id: 'first',
      name: null,
      financing: {
        kind: 'PURCHASE',
        priceCents: 31270000,
        down: { cents: null, percent: 15 },
        appraisalCents: null,
        appraisalEstimate: null,
      },
      terms: {
        ratePercent: 5.5,
        lettingAddOnPercent: null,
        compounding: 'MONTHLY',
        frequency: 'MONTHLY',
        rounding: 'NEAREST_CENT',
        amortizationMonths: 300,
        rateTermMonths: null,
        firstPayment: '2027-03-01',
      },
      features: {
        interestOnlyPayments: null,
        balloonCents: null,
        paymentCents: null,
        paymentSteps: [],
        extras: [],
        extraEffect: null,
        rateChanges: [],
        buydown: null,
      },
      closing: { day: null, items: [], upfrontPremium: null, debtsPaidOff: [] },
      housing: {
        propertyTax: null,
        propertyTaxEstimate: null,
        homeInsuranceCents: null,
        homeInsuranceEstimate: null,
        mortgageInsurancePercent: null,
        escrowed: null,
        duesCents: null,
        otherCents: null,
      },
      pricedAt: null,
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
  savedByYou: true,
  shelf: 'OPEN',
  ...fields,
})
