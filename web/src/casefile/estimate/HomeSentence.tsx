import type { HomeDocument } from '../../api/client'
import { askHomeValue } from '../../api/letting'
import { nameUpTo } from '../../entry/name'
import { readBaths, readRooms } from '../../entry/rooms'
import { Choice } from '../../sentence/Choice'
import { Figure } from '../../sentence/Figure'
import { useOpenCase } from '../CaseContext'
import { useOption } from '../OptionContext'
import { purchaseOf, refinancingOf, withPurchase, withRefinancing } from '../option'
import { EstimateMark } from './EstimateMark'
import { EstimateOffer } from './EstimateOffer'
import './estimate.css'
import { homeOf } from './home'

const MOST_AREA_CHARACTERS = 12
const DWELLINGS = {
  DETACHED: 'a detached home',
  ATTACHED: 'an attached home',
  APARTMENT: 'an apartment',
} as const

/** What estimates ask about the home: where it lies, what it is and how large. Its value can be estimated too. */
export function HomeSentence() {
  const { store, document } = useOpenCase()
  const home = homeOf(document.home)
  const change = (fields: Partial<HomeDocument>) => store.changeDocument({ home: { ...home, ...fields } })
  return (
    <>
      <p className="home-sentence">
        In area{' '}
        <Figure
          label="Postal area"
          pointer="/home/area"
          text={home.area ?? 'none yet'}
          read={nameUpTo(MOST_AREA_CHARACTERS)}
          take={(area) => change({ area: area.trim() === '' ? null : area.trim() })}
          clear={() => change({ area: null })}
          after=","
        />{' '}
        <Choice
          label="Dwelling"
          value={home.dwelling ?? 'DETACHED'}
          words={DWELLINGS}
          choose={(dwelling) => {
            change({ dwelling })
            store.settle()
          }}
        />{' '}
        with{' '}
        <Figure
          label="Bedrooms"
          pointer="/home/bedrooms"
          text={String(home.bedrooms)}
          read={readRooms}
          inputMode="numeric"
          take={(bedrooms) => change({ bedrooms })}
        />{' '}
        bedrooms and{' '}
        <Figure
          label="Baths"
          pointer="/home/baths"
          text={String(home.baths)}
          read={readBaths}
          inputMode="decimal"
          take={(baths) => change({ baths })}
        />{' '}
        baths.
      </p>
      <HomeValue />
    </>
  )
}

/** An estimate of the value, taken as the appraisal of a home that is bought, or as what another is worth. */
function HomeValue() {
  const { option, apply } = useOption()
  const purchase = purchaseOf(option)
  const refinancing = refinancingOf(option)
  if (!purchase && !refinancing) return null
  return (
    <>
      <EstimateMark estimate={purchase?.appraisalEstimate ?? refinancing?.valueEstimate ?? null} />
      <EstimateOffer
        label="Estimate the value"
        ask={askHomeValue}
        per=""
        valueCents={null}
        use={({ cents, origin }) =>
          apply(
            purchase
              ? withPurchase({ appraisalCents: cents, appraisalEstimate: origin })
              : withRefinancing({ valueCents: cents, valueEstimate: origin }),
          )
        }
      />
    </>
  )
}
