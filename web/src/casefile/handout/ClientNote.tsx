import type { ClientLinkView } from '../../api/client'
import { formatMoney } from '../../format/amount'
import { formatMoment } from '../../format/moment'
import { formatPercent } from '../../format/percent'
import { formatTerm } from '../../format/term'
import { useOpenCase } from '../CaseContext'

type Note = ClientLinkView['notes'][number]

/** What a client wrote back, and what they had changed on their page as they did. */
export function ClientNote({ note }: { note: Note }) {
  const { locale, currency } = useOpenCase()
  const { keptMonths, ratePercent, extraCents } = note.changes
  const changed = [
    keptMonths === null ? '' : `kept for ${formatTerm(keptMonths)}`,
    ratePercent === null ? '' : `at ${formatPercent(ratePercent)}`,
    extraCents === null ? '' : `${formatMoney(extraCents, locale, currency)} extra`,
  ].filter((each) => each !== '')
  return (
    <span className="border-act mt-2 mb-1 block border-l-3 pl-3">
      <span className="block whitespace-pre-line">{note.words}</span>
      <span className="text-soft block text-[0.8125rem]">
        {formatMoment(note.sentAt, new Date())}
        {changed.length > 0 && `; tried: ${changed.join(', ')}`}
      </span>
    </span>
  )
}
