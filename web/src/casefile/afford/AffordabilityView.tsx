import { AnswerScope, AnswerStatus } from '../../answer/AnswerScope'
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
  const answer = useAffordability()
  if (answer === 'no sets') return <NoLimits />
  const affordability = answer.value
  if (affordability === null) return <AnswerStatus of={answer} />
  return (
    <AnswerScope of={answer}>
      <AffordAnswer affordability={affordability} isCurrent={answer.isCurrent} />
      <AnswerStatus of={answer} />
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
    </AnswerScope>
  )
}
