/** The parts of a line as it is spoken: parted by a comma and a space, or a semicolon. A comma within a number parts nothing. */
export const partsOf = (text: string): string[] =>
  text
    .split(/,\s+|,$|;/)
    .map((part) => part.trim())
    .filter((part) => part !== '')

const NAMED_AMOUNT = /^(\D*?)\s*([\d$£€.,].*)?$/

/** A name, and what is said behind it from the first figure on. */
export function splitName(part: string): { name: string; rest: string } {
  const [, name = '', rest = ''] = NAMED_AMOUNT.exec(part) ?? []
  return { name: name.trim(), rest: rest.trim() }
}
