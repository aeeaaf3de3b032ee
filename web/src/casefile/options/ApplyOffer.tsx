import type { PricedAtDocument } from '../../api/client'
import { ApplyButtons } from '../afford/ApplyButtons'
import { useOpenCase } from '../CaseContext'
import type { OptionChange } from '../option'
import { useOption } from '../OptionContext'
import { useOfferedTable } from '../useOfferedTable'
import { pricedOnOf, withOffer } from './priced'
import { usePricedFor } from './usePricedFor'

type Given = {
  name: string
  offer: Pick<PricedAtDocument, 'ratePercent' | 'pointsPercent'>
  /** What is changed beside the rate and its points. */
  change: OptionChange
}

/** Applies a rate on offer together with a change, and keeps what it was priced for. */
export function ApplyOffer({ name, offer, change }: Given) {
  const { document } = useOpenCase()
  const { option } = useOption()
  const table = useOfferedTable(document, option)
  const pricedFor = usePricedFor()
  return (
    <ApplyButtons
      name={name}
      change={(from) => change(withOffer({ ...offer, ...pricedFor, tableId: table?.id ?? null })(from))}
      pricedOn={table ? pricedOnOf(table, pricedFor.score) : null}
    />
  )
}
