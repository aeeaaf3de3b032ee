import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { render, screen } from '@testing-library/react'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { BackupState } from './BackupState'

describe('the state of the backup', () => {
  afterEach(() => vi.useRealTimers())

  const shown = (lastSuccessAt: string | null, problem: string | null = null) => {
    vi.useFakeTimers({ now: new Date('2026-11-27T09:00:00Z'), toFake: ['Date'] })
    const queries = new QueryClient({ defaultOptions: { queries: { staleTime: Infinity } } })
    queries.setQueryData(['backups'], { isOn: true, lastSuccessAt, problem })
    render(
      <QueryClientProvider client={queries}>
        <BackupState />
      </QueryClientProvider>,
    )
    return screen.queryByRole('alert')?.textContent
  }

  it('says nothing more where one was made last night', () => {
    expect(shown('2026-11-27T02:00:00Z')).toBeUndefined()
    expect(screen.getByText(/The last was made/)).toBeTruthy()
  })

  it('warns once a night was missed', () => {
    expect(shown('2026-11-25T20:59:00Z')).toBe('That is long ago: have whoever runs Impendium look.')
  })

  it('says what the last try failed by', () => {
    expect(shown(null, 'The disk is full.')).toBe('The last try failed: The disk is full.')
    expect(screen.getByText(/None was made yet/)).toBeTruthy()
  })
})
