import type { CaseDocument } from '../api/client'

/**
 * A place in a document, with the ids of options and entries where a JSON Pointer counts positions: what is known of a place
 * stays with it when others come before it.
 */
export function byIds(root: unknown, pointer: string): string {
  let value = root
  const named = stepsOf(pointer).map((step) => {
    const here = value
    value = stepInto(here, step)
    return Array.isArray(here) && hasId(value) ? value.id : step
  })
  return ['', ...named].join('/')
}

/** Whether a document still has every option and entry on the way to a place given by ids. */
export function stands(root: unknown, place: string): boolean {
  let value = root
  for (const step of stepsOf(place)) {
    const list = value
    value = childOf(list, step)
    if (Array.isArray(list) && value === undefined) return false
  }
  return true
}

/** What stands at a place given by ids; undefined where the document has none. */
export const valueAt = (root: unknown, place: string): unknown => stepsOf(place).reduce(childOf, root)

/** A document with another value at a place that it has. */
export const withValueAt = (document: CaseDocument, place: string, value: unknown) =>
  placed(document, stepsOf(place), value) as CaseDocument

function placed(parent: unknown, [step, ...rest]: string[], value: unknown): unknown {
  if (step === undefined) return value
  const child = placed(childOf(parent, step), rest, value)
  if (Array.isArray(parent)) return parent.map((each: unknown) => (isOfId(each, step) ? child : each))
  return { ...(parent as object), [step]: child }
}

const stepsOf = (place: string) => place.split('/').slice(1)

const childOf = (parent: unknown, step: string): unknown =>
  Array.isArray(parent) ? parent.find((each) => isOfId(each, step)) : stepInto(parent, step)

const isOfId = (value: unknown, id: string) => hasId(value) && value.id === id

const stepInto = (value: unknown, step: string): unknown =>
  typeof value === 'object' && value !== null ? (value as Record<string, unknown>)[step] : undefined

const hasId = (value: unknown): value is { id: string } =>
  typeof value === 'object' && value !== null && 'id' in value && typeof value.id === 'string'
