import { useOpenCase } from '../CaseContext'
import { ShownOption } from '../ShownOption'
import { CoverCharts } from './CoverCharts'
import { CoveredTable } from './CoveredTable'
import { LettingPairs } from './LettingPairs'
import { LettingWays } from './LettingWays'
import { NotLet } from './NotLet'
import { Owner } from './Owner'
import { ProgrammeLines } from './ProgrammeLines'
import { RentalAnswer, RentQuestion } from './RentalAnswer'
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
  const { staleness } = useOpenCase()
  const letting = useLetting()
  if (letting === 'not let') return <NotLet />
  if (letting === 'no rent' || (typeof letting === 'object' && 'refused' in letting)) {
    return (
      <>
        <RentQuestion />
        {letting !== 'no rent' && (
          <p role="alert" className="field-problem">
            {letting.refused}
          </p>
        )}
        <div className="mt-6 max-w-md">
          <Rents />
        </div>
      </>
    )
  }
  if (letting === 'pending') return <p className="text-soft">Calculating…</p>
  return (
    <>
      <RentalAnswer letting={letting} />
      {staleness && (
        <p role="status" className="text-soft text-[0.8125rem] font-medium">
          {staleness}
        </p>
      )}
      <div className="figures-sheet" data-testid="figures">
        <RentBar letting={letting} />
        <div className="wide:grid-cols-[minmax(0,2.6fr)_minmax(14rem,1fr)] mt-7 grid grid-cols-1 items-start gap-x-10 gap-y-8">
          <RentTable letting={letting} />
          <div>
            <Rents />
            <ProgrammeLines letting={letting} />
          </div>
        </div>
        <LettingWays letting={letting} />
        <LettingPairs letting={letting} />
        <CoveredTable letting={letting} />
        <CoverCharts letting={letting} />
        <Owner letting={letting} />
      </div>
    </>
  )
}
