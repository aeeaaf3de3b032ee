import type { ComponentType } from 'react'
import { AffordabilityHeadline } from './afford/AffordabilityHeadline'
import { RentalHeadline } from './rental/RentalHeadline'
import { HandoutHeadline } from './handout/HandoutHeadline'
import { LifelineHeadline, LoanHeadline, OptionsHeadline } from './headlines'

/** A view of a case, as the index at its left lists it. Its page stands in the router. */
export type View = {
  to:
    | '/cases/$id'
    | '/cases/$id/lifeline'
    | '/cases/$id/options'
    | '/cases/$id/affordability'
    | '/cases/$id/rental'
    | '/cases/$id/hand-out'
  name: string
  /** The key that leads to it. */
  key: string
  /** The figure that answers its question. */
  Headline: ComponentType
}

export const VIEWS: readonly View[] = [
  { to: '/cases/$id', name: 'Loan', key: '1', Headline: LoanHeadline },
  { to: '/cases/$id/lifeline', name: 'Lifeline', key: '2', Headline: LifelineHeadline },
  { to: '/cases/$id/options', name: 'Options', key: '3', Headline: OptionsHeadline },
  { to: '/cases/$id/affordability', name: 'Affordability', key: '4', Headline: AffordabilityHeadline },
  { to: '/cases/$id/rental', name: 'Rental', key: '5', Headline: RentalHeadline },
  { to: '/cases/$id/hand-out', name: 'Hand-out', key: '6', Headline: HandoutHeadline },
]
