/** What to know of a password before choosing one. */
export const PASSWORD_HINT =
  'At least 12 characters. Four words that have nothing to do with each other do well.'
