type Entry = { id: string }

/** A list with an entry behind another one, or at its end. */
export function insertAfter<T extends Entry>(list: readonly T[], added: T, after: string | null): T[] {
  const at = list.findIndex(({ id }) => id === after)
  return at < 0 ? [...list, added] : list.toSpliced(at + 1, 0, added)
}

/** A list with an entry put before or after its neighbour. */
export function movedBy<T extends Entry>(list: readonly T[], id: string, by: -1 | 1): T[] {
  const from = list.findIndex((entry) => entry.id === id)
  const entry = list[from]
  const to = from + by
  return !entry || to < 0 || to >= list.length ? [...list] : list.toSpliced(from, 1).toSpliced(to, 0, entry)
}
