const BROWSERS = [
  [/Edg\//, 'Edge'],
  [/OPR\//, 'Opera'],
  [/Firefox\//, 'Firefox'],
  [/Chrome\//, 'Chrome'],
  [/Safari\//, 'Safari'],
] as const

const SYSTEMS = [
  [/Android/, 'Android'],
  [/iPhone|iPad/, 'iOS'],
  [/Windows/, 'Windows'],
  [/Mac OS X/, 'macOS'],
  [/Linux/, 'Linux'],
] as const

/** What a browser is, told from how it describes itself; each also names those that it wants to be taken for. */
export function browserWords(described: string): string {
  const named = (names: readonly (readonly [RegExp, string])[]) =>
    names.find(([pattern]) => pattern.test(described))?.[1]
  const browser = named(BROWSERS) ?? 'Another program'
  const system = named(SYSTEMS)
  return system ? `${browser} on ${system}` : browser
}
