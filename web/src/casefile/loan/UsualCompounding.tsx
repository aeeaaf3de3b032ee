import { COMPOUNDING_WORDS } from '../../format/conventions'
import { MARKETS, marketOf, type Market } from '../../format/market'
import { TextButton } from '../../ui/TextButton'
import { useOpenCase } from '../CaseContext'
import { withTerms } from '../option'
import type { TermsDocument } from '../../api/client'

type Compounding = TermsDocument['compounding']

/** How fixed rates usually compound in a market; in Canada by the Interest Act, section 6. */
const USUAL: Record<Market, Compounding> = {
  US: 'MONTHLY',
  CA: 'SEMI_ANNUAL',
  GB: 'MONTHLY',
  AU: 'MONTHLY',
}

/** Says where the case's loans compound otherwise than is usual in its market, and changes that by one press. */
export function UsualCompounding() {
  const { store, document } = useOpenCase()
  const market = marketOf(document)
  const usual = USUAL[market]
  const others = new Set(
    document.options.map(({ terms }) => terms.compounding).filter((each) => each !== usual),
  )
  if (others.size === 0) return null
  const words = COMPOUNDING_WORDS[usual]
  return (
    <p className="text-[0.8125rem]">
      <span className="text-over font-medium">
        Rates in {MARKETS[market].name} usually compound {words}; here interest compounds{' '}
        {[...others].map((each) => COMPOUNDING_WORDS[each]).join(' or ')}.
      </span>{' '}
      <TextButton
        onClick={() => {
          store.changeOptions((options) => ({
            options: options.map(withTerms({ compounding: usual })),
            selected: store.store.getState().selected,
          }))
        }}
      >
        Compound {words}
      </TextButton>
    </p>
  )
}
