import type { AmountOrShare, ClosingItemDocument, OptionDocument } from '../api/client'
import type { ClosingKind } from '../format/closing'
import { newId } from './newId'
import { withClosing, type OptionChange } from './option'

/** The first item of a kind. */
export const itemOf = ({ closing }: OptionDocument, kind: ClosingKind): ClosingItemDocument | undefined =>
  closing.items.find((item) => item.kind === kind)

/** An item of a kind for this much, in the place of the first there is; none for nothing. */
export const withItem =
  (kind: ClosingKind, amount: AmountOrShare | null): OptionChange =>
  (option) => {
    const old = itemOf(option, kind)
    const { items } = option.closing
    if (amount === null) return withClosing({ items: items.filter((item) => item !== old) })(option)
    const item = { id: old?.id ?? newId(), kind, amount, paidBy: old?.paidBy ?? null }
    return withClosing({ items: old ? items.map((each) => (each === old ? item : each)) : [...items, item] })(
      option,
    )
  }
