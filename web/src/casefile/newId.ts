const BYTES = 5

/** An id for an option or an entry of a list, told apart from the others of its list by chance. */
export const newId = () =>
  Array.from(crypto.getRandomValues(new Uint8Array(BYTES)), (byte) =>
    byte.toString(16).padStart(2, '0'),
  ).join('')
