import { useQueryClient } from '@tanstack/react-query'
import { useEffect, useState } from 'react'
import { caseQuery } from '../../api/cases'
import type { CaseNews } from '../../api/client'
import { useLostSession } from '../../app/lostSession'

/**
 * Who else has the case open. As soon as somebody saved it, the latest state is asked for. Only a window that is looked at
 * listens: each takes one of the few connections that a browser has to a server.
 */
export function useCaseNews(id: string): readonly string[] {
  const queries = useQueryClient()
  const { isLost } = useLostSession()
  const [others, setOthers] = useState<readonly string[]>([])
  useEffect(() => {
    let source: EventSource | null = null
    const take = ({ data }: MessageEvent<string>) => {
      const news = JSON.parse(data) as CaseNews
      setOthers(news.others)
      const { queryKey } = caseQuery(id)
      const known = queries.getQueryData(queryKey)
      if (known && known.revision < news.revision) void queries.invalidateQueries({ queryKey })
    }
    const listen = () => {
      source?.close()
      source = null
      if (isLost || document.visibilityState === 'hidden') return
      source = new EventSource(`/api/cases/${id}/news`)
      source.addEventListener('news', take)
      // What was told before may not hold any more.
      source.addEventListener('error', () => setOthers([]))
    }
    listen()
    document.addEventListener('visibilitychange', listen)
    return () => {
      document.removeEventListener('visibilitychange', listen)
      source?.close()
    }
  }, [id, isLost, queries])
  return others
}
