import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { act, renderHook } from '@testing-library/react'
import type { ReactNode } from 'react'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { caseQuery } from '../../api/cases'
import { aSavedCase } from '../../test/documents'
import { useCaseNews } from './useCaseNews'

class FakeSource extends EventTarget {
  static open: FakeSource[] = []
  constructor(readonly address: string) {
    super()
    FakeSource.open.push(this)
  }
  close() {
    FakeSource.open = FakeSource.open.filter((each) => each !== this)
  }
  tell(news: object) {
    act(() => void this.dispatchEvent(new MessageEvent('news', { data: JSON.stringify(news) })))
  }
}

describe('news of a case', () => {
  const saved = aSavedCase({ revision: 3 })
  const queries = new QueryClient()
  const listen = () =>
    renderHook(() => useCaseNews(saved.id), {
      wrapper: ({ children }: { children: ReactNode }) => (
        <QueryClientProvider client={queries}>{children}</QueryClientProvider>
      ),
    })
  const only = () => {
    const [source] = FakeSource.open
    if (!source || FakeSource.open.length > 1) throw new Error(`${FakeSource.open.length} are open`)
    return source
  }

  beforeEach(() => {
    FakeSource.open = []
    vi.stubGlobal('EventSource', FakeSource)
    queries.setQueryData(caseQuery(saved.id).queryKey, saved)
  })
  afterEach(() => {
    vi.restoreAllMocks()
    vi.unstubAllGlobals()
  })

  it('tells who else has it open, and has the latest state asked for once it was saved', () => {
    const asked = vi.spyOn(queries, 'invalidateQueries')
    const { result } = listen()
    only().tell({ revision: 3, others: ['Tobias Pell'] })
    expect(result.current).toEqual(['Tobias Pell'])
    expect(asked).not.toHaveBeenCalled()

    only().tell({ revision: 4, others: ['Tobias Pell'] })
    expect(asked).toHaveBeenCalledWith({ queryKey: caseQuery(saved.id).queryKey })
  })

  it('knows of nobody while the connection is lost', () => {
    const { result } = listen()
    only().tell({ revision: 3, others: ['Tobias Pell'] })
    act(() => void only().dispatchEvent(new Event('error')))
    expect(result.current).toEqual([])
  })

  it('listens only while it is looked at', () => {
    const { unmount } = listen()
    const look = vi.spyOn(document, 'visibilityState', 'get').mockReturnValue('hidden')
    document.dispatchEvent(new Event('visibilitychange'))
    expect(FakeSource.open).toEqual([])
    look.mockReturnValue('visible')
    document.dispatchEvent(new Event('visibilitychange'))
    expect(only().address).toBe(`/api/cases/${saved.id}/news`)
    unmount()
    expect(FakeSource.open).toEqual([])
  })
})
