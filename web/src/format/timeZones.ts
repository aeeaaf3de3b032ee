/** The time zones by their names; browsers list neither UTC nor always the one that stands. */
export const timeZonesWith = (own: string): Record<string, string> =>
  Object.fromEntries([...Intl.supportedValuesOf('timeZone'), 'UTC', own].map((zone) => [zone, zone]))
