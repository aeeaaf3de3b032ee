import type { CaseView } from '../../api/client'
import type { CaseWork } from '../desk'
import { useOthersChanges } from './useOthersChanges'

/** Takes over what was saved elsewhere, and says so. */
export function OthersNotice({ work, latest }: { work: CaseWork; latest: CaseView }) {
  const notice = useOthersChanges(work, latest)
  return (
    notice && (
      <p role="status" className="bg-act-tint px-8 py-1.5 text-center">
        {notice}
      </p>
    )
  )
}
