import { useQuery } from '@tanstack/react-query'
import type { BorrowingView } from '../../api/client'
import { rateTablesQuery } from '../../api/rates'
import { useSession } from '../../app/session'
import { formatDay } from '../../format/date'
import { CopyButton } from '../../ui/CopyButton'
import { ModalDialog } from '../../ui/ModalDialog'
import { TextButton } from '../../ui/TextButton'
import { useOpenCase } from '../CaseContext'
import { useOption } from '../OptionContext'
import { preApprovalText } from './preApprovalText'
import type { Held } from './useAffordability'

type PreApprovalProps = { most: BorrowingView['sets'][number]; held: Held; close: () => void }

/** A page for the clients: up to what they can buy, on which terms, and what that rests on. */
export function PreApproval({ most, held, close }: PreApprovalProps) {
  const { practice } = useSession()
  const { document, locale, words } = useOpenCase()
  const { option } = useOption()
  // The day it is where the practice works comes with its rates.
  const today = useQuery(rateTablesQuery).data?.today
  const day = today === undefined ? '' : formatDay(today, locale)
  const paragraphs = preApprovalText({ document, option, most, limits: held.set.name, practice, day, words })
  return (
    <ModalDialog title="Pre-approval summary" close={close}>
      <div className="pre-approval font-figures mt-3 text-lg">
        {paragraphs.map((paragraph) => (
          <p key={paragraph} className="mt-2">
            {paragraph}
          </p>
        ))}
      </div>
      <p className="screen-only mt-5 flex gap-x-5">
        <CopyButton label="Copy" text={() => paragraphs.join('\n\n')} />
        <TextButton onClick={() => window.print()}>Print</TextButton>
        <TextButton onClick={close}>Close</TextButton>
      </p>
    </ModalDialog>
  )
}
