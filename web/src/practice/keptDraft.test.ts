import { describe, expect, it } from 'vitest'
import { forgetDraft, keepDraft, keptDraftOf } from './keptDraft'

describe('drafts of what a practice keeps', () => {
  it('are kept for whoever typed them until they are forgotten', () => {
    const draft = { seen: { id: 'a', revision: 2 }, start: { name: 'Ferry' }, value: { name: 'Ferry Bank' } }
    keepDraft('limit-sets', 'bea@x.example', draft)

    expect(keptDraftOf('limit-sets', 'bea@x.example')).toEqual(draft)
    expect(keptDraftOf('limit-sets', 'tobias@x.example')).toBeNull()
    expect(keptDraftOf('programmes', 'bea@x.example')).toBeNull()
    forgetDraft('limit-sets', 'bea@x.example')
    expect(keptDraftOf('limit-sets', 'bea@x.example')).toBeNull()
  })
})
