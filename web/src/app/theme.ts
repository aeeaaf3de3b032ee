/** How the application looks: as the system does, or one look always. */
export type Theme = 'system' | 'light' | 'dark'

const KEY = 'impendium.theme'
const systemIsDark = () => window.matchMedia('(prefers-color-scheme: dark)')

const isTheme = (text: string | null): text is Theme =>
  text === 'system' || text === 'light' || text === 'dark'

/** The look chosen on this browser; the system's where none was. */
export function readTheme(): Theme {
  const kept = localStorage.getItem(KEY)
  return isTheme(kept) ? kept : 'system'
}

/** Shows a look and keeps it for the next visit. */
export function applyTheme(theme: Theme) {
  localStorage.setItem(KEY, theme)
  const show = () => {
    const dark = theme === 'dark' || (theme === 'system' && systemIsDark().matches)
    document.documentElement.dataset.theme = dark ? 'dark' : 'light'
  }
  show()
  systemIsDark().onchange = show
}
