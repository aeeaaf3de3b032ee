import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { render, screen } from '@testing-library/react'
import { afterEach, describe, expect, it, vi } from 'vitest'
import type { JobView } from '../api/client'
import { JobsState } from './JobsState'

const backup: JobView = {
  name: 'BACKUP',
  nextAt: '2026-11-28T02:00:00Z',
  lastAt: '2026-11-27T02:00:00Z',
  tookMs: 12_340,
  hasFailed: false,
}

describe('the work in the background', () => {
  afterEach(() => vi.useRealTimers())

  const shown = (...jobs: JobView[]) => {
    vi.useFakeTimers({ now: new Date('2026-11-27T09:00:00Z'), toFake: ['Date'] })
    const queries = new QueryClient({ defaultOptions: { queries: { staleTime: Infinity } } })
    queries.setQueryData(['jobs'], jobs)
    render(
      <QueryClientProvider client={queries}>
        <JobsState />
      </QueryClientProvider>,
    )
    return screen.getByRole('group')
  }

  it('is closed while all is well, and tells when each was done and for how long', () => {
    const jobs = shown(backup, { ...backup, name: 'LOG', lastAt: null, tookMs: null })
    expect(jobs).toHaveProperty('open', false)
    expect(jobs.textContent).toMatch(/Backup of the dayLast .*, took 12.3 s, next .*28/)
    expect(jobs.textContent).toContain('Log entries removed after two yearsNot done yet, next')
  })

  it('opens where something failed, and says so', () => {
    expect(shown({ ...backup, hasFailed: true })).toHaveProperty('open', true)
    expect(screen.getByRole('alert').textContent).toContain('The last try failed')
  })
})
