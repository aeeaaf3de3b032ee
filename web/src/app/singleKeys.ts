const KEY = 'impendium.singleKeys'
const OFF = 'off'

/** Whether single letters are shortcuts on this browser; they are until turned off. */
export const hasSingleKeys = () => localStorage.getItem(KEY) !== OFF

export function setSingleKeys(isOn: boolean) {
  if (isOn) localStorage.removeItem(KEY)
  else localStorage.setItem(KEY, OFF)
}
