/** What a state says that an earlier one did not, and the other way round. */
export function changedLines(now: readonly string[], before: readonly string[]) {
  return {
    added: now.filter((line) => !before.includes(line)),
    gone: before.filter((line) => !now.includes(line)),
  }
}
