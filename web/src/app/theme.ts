// Light, dark or as the device says, and which hand taps: kept with the person, and on this device until
// they are known.
export interface Screen {
  theme: 'device' | 'light' | 'dark'
  left_handed: boolean
}
const KEY = 'thistle.theme'
const dark = typeof matchMedia === 'undefined' ? null : matchMedia('(prefers-color-scheme: dark)')

export function themeOf(text: string | null): Screen['theme'] {
  return text === 'light' || text === 'dark' ? text : 'device'
}

export function applyTheme(now = themeOf(localStorage.getItem(KEY))): void {
  document.documentElement.dataset.theme =
    now === 'dark' || (now === 'device' && dark?.matches) ? 'dark' : 'light'
}

/** As this person wants it. */
export function applyScreen({ theme, left_handed }: Screen): void {
  localStorage.setItem(KEY, theme)
  document.documentElement.toggleAttribute('data-left', left_handed)
  applyTheme(theme)
}

dark?.addEventListener('change', () => applyTheme())
