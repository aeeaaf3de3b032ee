// Loaded together, with what opens above them: whoever has a case open can go on while the server is away.
import '../app/AdvisorMenu'
import '../app/KeysDialog'

export { AffordabilityView } from './afford/AffordabilityView'
export { OptionsView } from './options/OptionsView'
export { CasePage } from './CasePage'
export { HandoutView } from './handout/HandoutView'
export { HistoryView } from './history/HistoryView'
export { LifelineView } from './lifeline/LifelineView'
export { LoanView } from './loan/LoanView'
export { RentalView } from './rental/RentalView'
export { OptionPages } from './OptionPages'
