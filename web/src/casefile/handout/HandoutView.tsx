import type { CaseDocument } from '../../api/client'
import { SectionList } from '../../handout/SectionList'
import { LeaveOut } from '../../handout/LeaveOut'
import { useOpenCase } from '../CaseContext'
import { ClientLinks } from './ClientLinks'
import { Files } from './Files'
import { HandoutSentence } from './HandoutSentence'
import { IssuedList } from './IssuedList'
import { Letters } from './Letters'
import { Preview } from './Preview'
import { useHandout } from './useHandout'
import './handout.css'

/** The sections that would be empty, and why: they are left out. */
const emptyOf = ({ letting, household, debts }: CaseDocument) => ({
  ...(letting?.rentCents == null ? { RENTAL: 'not let' } : {}),
  ...(household.incomes.length + debts.length === 0 ? { AFFORDABILITY: 'no incomes' } : {}),
})

/** What the client takes home: its sections, whom it is for, and the document itself, page by page. */
export function HandoutView() {
  const { document } = useOpenCase()
  const handout = useHandout()
  if (!handout) return <p className="text-soft">Loading the templates…</p>
  return (
    <>
      <HandoutSentence handout={handout} />
      <div className="handout-sheet">
        <div>
          <SectionList handout={handout} empty={emptyOf(document)} />
          <LeaveOut handout={handout} />
          <Letters handout={handout} />
        </div>
        <Preview />
        <div>
          <IssuedList />
          <ClientLinks />
          <Files />
        </div>
      </div>
    </>
  )
}
