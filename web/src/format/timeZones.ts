/** The time zones by their names, one that the browser does not know among them. */
export const timeZonesWith = (own: string): Record<string, string> =>
  Object.fromEntries([...Intl.supportedValuesOf('timeZone'), own].map((zone) => [zone, zone]))
