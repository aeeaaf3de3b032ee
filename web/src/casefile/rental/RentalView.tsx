import { AnswerScope, AnswerStatus } from '../../answer/AnswerScope'
import { useOpenCase } from '../CaseContext'
import { ShownOption } from '../ShownOption'
import { CoverCharts } from './CoverCharts'
import { CoveredTable } from './CoveredTable'
import { LettingPairs } from './LettingPairs'
import { LettingWays } from './LettingWays'
import { NotLet } from './NotLet'
import { Owner } from './Owner'
import { ProgrammeLines } from './ProgrammeLines'
import { RentalAnswer } from './RentalAnswer'
import { RentBar } from './RentBar'
import { Rents } from './Rents'
import { RentTable } from './RentTable'
import { useLetting } from './useLetting'
import './rental.css'

/** Whether the rent carries the loan of the option that is shown, and what would make it carry it. */
export function RentalView() {
  return (
    <ShownOption>
      <Rental />
    </ShownOption>
  )
}

function Rental() {
  const { document } = useOpenCase()
  const answer = useLetting()
  if (!document.letting) return <NotLet />
  const letting = answer.value
  // One tree, whether there is an answer or not: a rent that is being typed keeps its field and its place.
  return (
    <AnswerScope of={answer}>
      <RentalAnswer letting={letting} isCurrent={answer.isCurrent} />
      <AnswerStatus of={answer} />
      <div className="figures-sheet" data-testid="figures">
        <div className="rent-bar-room">{letting && <RentBar letting={letting} />}</div>
        <div className="wide:grid-cols-[minmax(0,2.6fr)_minmax(14rem,1fr)] mt-7 grid grid-cols-1 items-start gap-x-10 gap-y-8">
          <div className="wide:order-last">
            <Rents />
            {letting && <ProgrammeLines letting={letting} />}
          </div>
          {letting ? (
            <RentTable letting={letting} />
          ) : (
            <p className="text-soft">Enter a rent to see what the programmes lend at it.</p>
          )}
        </div>
        {letting && (
          <>
            <LettingWays letting={letting} />
            <LettingPairs letting={letting} />
            <CoveredTable letting={letting} />
            <CoverCharts letting={letting} />
            <Owner letting={letting} />
          </>
        )}
      </div>
    </AnswerScope>
  )
}
