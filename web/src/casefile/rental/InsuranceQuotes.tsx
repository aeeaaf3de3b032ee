import { askHomeInsurance } from '../../api/letting'
import { homeValueOf, withHousing } from '../option'
import { useOption } from '../OptionContext'
import { EstimateOffer } from '../estimate/EstimateOffer'

/** Premiums by deductible, each with whether it is low enough for the programme. */
export function InsuranceQuotes({ mostCents }: { mostCents: number }) {
  const { option, apply } = useOption()
  return (
    <div className="mt-2">
      <EstimateOffer
        label="Home insurance by deductible"
        ask={askHomeInsurance}
        per="a year"
        valueCents={homeValueOf(option)}
        note={({ cents }) => (cents <= mostCents ? 'low enough' : 'still too much')}
        use={({ cents, origin }) =>
          apply(withHousing({ homeInsuranceCents: cents, homeInsuranceEstimate: origin }))
        }
      />
    </div>
  )
}
