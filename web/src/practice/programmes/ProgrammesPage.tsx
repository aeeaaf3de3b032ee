import { RulesPage } from '../rules/RulesPage'
import { PROGRAMMES } from './programmes'

/** How the practice's lenders lend on homes that are let. */
export function ProgrammesPage() {
  return <RulesPage kind={PROGRAMMES} />
}
