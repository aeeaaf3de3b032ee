import { describe, expect, it } from 'vitest'
import { MARKETS } from '../../format/market'
import { aDocument } from '../../test/documents'
import { baselineOf } from '../option'
import { preApprovalText } from './preApprovalText'

describe('a pre-approval', () => {
  const document = aDocument()
  const text = preApprovalText({
    document,
    option: baselineOf(document),
    most: {
      priceCents: 412_300_00,
      downCents: 58_000_00,
      loanCents: 354_300_00,
      housing: null,
      cashToCloseCents: 61_540_25,
    },
    limits: 'Alder Savings',
    practice: 'Ostrander Lending',
    day: 'November 26, 2026',
    words: MARKETS.US,
  }).join('\n')

  it('says up to what, on which terms and what it rests on', () => {
    expect(text).toContain('Odile Brandt can buy a home for up to 412,300')
    expect(text).toContain('58,000 down and a loan of 354,300 at 5.5')
    expect(text).toContain('Alder Savings')
    expect(text).toContain('no promise')
  })
})
