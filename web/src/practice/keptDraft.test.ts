import { describe, expect, it } from 'vitest'
import { forgetDraft, keepDraft, keptDraftOf, someDraftOf } from './keptDraft'

const OF_BEA = { kind: 'limit-sets', email: 'bea@x.example' } as const
const FERRY = { seen: { id: 'a', revision: 2 }, start: { name: 'Ferry' }, value: { name: 'Ferry Bank' } }
const NEW = { seen: null, start: { name: '' }, value: { name: 'Alder' } }

describe('drafts of what a practice keeps', () => {
  it('are kept for whoever typed them, one of each that is edited, until they are forgotten', () => {
    keepDraft({ ...OF_BEA, id: 'a' }, FERRY)
    keepDraft({ ...OF_BEA, id: null }, NEW)

    expect(keptDraftOf({ ...OF_BEA, id: 'a' })).toEqual(FERRY)
    expect(keptDraftOf({ ...OF_BEA, id: null })).toEqual(NEW)
    expect(keptDraftOf({ ...OF_BEA, id: 'b' })).toBeNull()
    expect(someDraftOf('limit-sets', 'tobias@x.example')).toBeNull()
    expect(someDraftOf('programmes', OF_BEA.email)).toBeNull()
    forgetDraft({ ...OF_BEA, id: null })
    expect(someDraftOf('limit-sets', OF_BEA.email)).toEqual(FERRY)
    forgetDraft({ ...OF_BEA, id: 'a' })
    expect(someDraftOf('limit-sets', OF_BEA.email)).toBeNull()
  })
})
