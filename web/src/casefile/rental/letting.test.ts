import { expect, it } from 'vitest'
import { aDocument } from '../../test/documents'
import { withLetting, withRent } from './letting'

const estimate = {
  source: 'Simulated letting agent',
  day: '2026-11-26',
  simulated: true,
  lowCents: 178100,
  highCents: 200900,
  about: null,
}
const estimated = {
  ...aDocument(),
  ...withLetting(aDocument(), {
    rentCents: 189500,
    lowRentCents: 178100,
    highRentCents: 205000,
    rentEstimate: estimate,
  }),
}

it('drops an estimate with its range once the rent is typed, and keeps what was typed of it', () => {
  expect(withRent(estimated, 200000).letting).toMatchObject({
    rentCents: 200000,
    rentEstimate: null,
    lowRentCents: null,
    highRentCents: 205000,
  })
})

it('keeps a range that was never estimated', () => {
  const typed = { ...estimated, ...withLetting(estimated, { rentEstimate: null }) }
  expect(withRent(typed, null).letting).toMatchObject({ rentCents: null, lowRentCents: 178100 })
})
