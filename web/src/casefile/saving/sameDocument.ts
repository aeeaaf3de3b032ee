import { hashKey } from '@tanstack/react-query'
import type { CaseDocument } from '../../api/client'

/** Whether two documents say the same, whatever the order in which their fields were written. */
export const sameDocument = (one: CaseDocument, other: CaseDocument) =>
  one === other || textOf(one) === textOf(other)

const texts = new WeakMap<CaseDocument, string>()

/** A document's fields as one text; written once for each, for it is asked at every key press. */
function textOf(document: CaseDocument): string {
  const known = texts.get(document)
  if (known !== undefined) return known
  const text = hashKey([document])
  texts.set(document, text)
  return text
}
