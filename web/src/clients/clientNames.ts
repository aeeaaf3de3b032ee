/** The names between commas: of several people, or of one who is written family name first. */
export const namesIn = (text: string): readonly string[] => [
  ...new Set(
    text
      .split(',')
      .map((each) => each.trim())
      .filter((each) => each !== ''),
  ),
]

/** Whether names look like those of several people: each has a first name and a family name. */
export const areSeveral = (names: readonly string[]) =>
  names.length > 1 && names.every((each) => each.includes(' '))
