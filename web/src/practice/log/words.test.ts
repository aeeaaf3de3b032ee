import { describe, expect, it } from 'vitest'
import type { LogEntry } from '../../api/client'
import { said } from './words'

const entry = (fields: Partial<LogEntry>): LogEntry => ({
  firstAt: '2026-11-27T09:00:00Z',
  lastAt: '2026-11-27T09:10:00Z',
  times: 1,
  who: 'Bea Ostrander',
  action: 'READ',
  kind: 'CASE',
  subjectId: '5f0c2b1e-0000-4000-8000-000000000001',
  subject: '14 Quarry Lane',
  note: '',
  ...fields,
})

describe('what the log says', () => {
  it('names what it was done to as it is called today', () => {
    expect(said(entry({}))).toEqual({ what: 'read case', subject: '14 Quarry Lane', beside: [] })
    expect(said(entry({ action: 'CHANGED', times: 12 })).beside).toEqual(['12 times'])
  })

  it('tells of what is gone without its name', () => {
    expect(said(entry({ action: 'ERASED', kind: 'CLIENT', subject: null, note: 'with 2 cases' }))).toEqual({
      what: 'erased a client that is gone',
      subject: null,
      beside: ['with 2 cases'],
    })
  })

  it('names what was deleted as it was called', () => {
    const deleted = { action: 'DELETED', kind: 'RATES', note: 'Ferry Bank, 30 years' } as const
    const told = { what: 'deleted rate table', subject: 'Ferry Bank, 30 years', beside: [] }
    expect(said(entry({ ...deleted, subject: null }))).toEqual(told)
    expect(said(entry({ ...deleted, subject: 'Ferry Bank, 30 years' }))).toEqual(told)
  })

  it('tells of sign-ins from where they came, and of oneself without one’s name again', () => {
    const oneself = { kind: 'PERSON', subject: 'Bea Ostrander' } as const
    expect(said(entry({ ...oneself, action: 'SIGNED_IN', note: '127.0.0.1' }))).toEqual({
      what: 'signed in',
      subject: null,
      beside: ['from 127.0.0.1'],
    })
    expect(said(entry({ ...oneself, action: 'CHANGED' })).what).toBe('changed how they sign in')
    expect(said(entry({ kind: 'PERSON', action: 'CHANGED', subject: 'Tobias Pell' })).subject).toBe(
      'Tobias Pell',
    )
  })

  it('says nothing of an id where the kind says it all', () => {
    expect(said(entry({ action: 'CHANGED', kind: 'PRACTICE', subjectId: null, subject: null })).what).toBe(
      'changed defaults of the practice',
    )
  })
})
