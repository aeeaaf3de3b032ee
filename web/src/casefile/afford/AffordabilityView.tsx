import { useOpenCase } from '../CaseContext'
import { ShownOption } from '../ShownOption'
import { AffordAnswer } from './AffordAnswer'
import { Borrow } from './Borrow'
import { DebtLines } from './DebtLines'
import { HouseholdFacts } from './HouseholdFacts'
import { IncomeBar } from './IncomeBar'
import { LimitLines } from './LimitLines'
import { MoneyAtHand } from './MoneyAtHand'
import { NoLimits } from './NoLimits'
import { NowAndAfter } from './NowAndAfter'
import { OtherHomes } from './OtherHomes'
import { Pairs } from './Pairs'
import { People } from './People'
import { Underwriting } from './Underwriting'
import { useAffordability } from './useAffordability'
import { Ways } from './Ways'
import './afford.css'

/** Whether the option that is shown fits, and what would make it fit. */
export function AffordabilityView() {
  return (
    <ShownOption>
      <Affordability />
    </ShownOption>
  )
}

function Affordability() {
  const { staleness } = useOpenCase()
  const affordability = useAffordability()
  if (affordability === 'no sets') return <NoLimits />
  if (affordability === 'no answer') return <p>This option cannot be held against the limits as it stands.</p>
  if (affordability === 'pending') return <p className="text-soft">Calculating…</p>
  return (
    <>
      <AffordAnswer affordability={affordability} />
      {staleness && (
        <p role="status" className="text-soft text-[0.8125rem] font-medium">
          {staleness}
        </p>
      )}
      <div className="figures-sheet" data-testid="figures">
        <IncomeBar held={affordability.chosen} />
        <div className="wide:grid-cols-[1.1fr_1.1fr_1fr] mid:grid-cols-2 mt-8 grid items-start gap-x-8 gap-y-8">
          <div>
            <People affordability={affordability} />
            <MoneyAtHand leftCents={affordability.chosen.view.moneyLeftCents} />
            <HouseholdFacts sets={affordability.sets} />
          </div>
          <div>
            <DebtLines affordability={affordability} />
            <OtherHomes affordability={affordability} />
          </div>
          <div>
            <LimitLines affordability={affordability} />
            <Underwriting key={affordability.chosen.id} held={affordability.chosen} />
          </div>
        </div>
        <Ways held={affordability.chosen} />
        <Pairs held={affordability.chosen} />
        <Borrow affordability={affordability} />
        <NowAndAfter held={affordability.chosen} />
      </div>
    </>
  )
}
