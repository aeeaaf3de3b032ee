import { useQuery } from '@tanstack/react-query'
import { issuedQuery } from '../../api/handouts'
import { formatMoment } from '../../format/moment'
import { useOpenCase } from '../CaseContext'

/** When a hand-out was issued last. */
export function HandoutHeadline() {
  const { id } = useOpenCase()
  const issued = useQuery(issuedQuery(id)).data
  const [last] = issued ?? []
  if (!issued) return null
  return last ? `issued ${formatMoment(last.issuedAt, new Date())}` : 'none issued'
}
