// Light, dark or as the device says; remembered on this device.
export type Theme = 'device' | 'light' | 'dark'
const KEY = 'thistle.theme'
const dark = typeof matchMedia === 'undefined' ? null : matchMedia('(prefers-color-scheme: dark)')

export function themeOf(text: string | null): Theme {
  return text === 'light' || text === 'dark' ? text : 'device'
}
export function theme(): Theme {
  return themeOf(localStorage.getItem(KEY))
}

export function applyTheme(next?: Theme): void {
  if (next) localStorage.setItem(KEY, next)
  const now = theme()
  document.documentElement.dataset.theme =
    now === 'dark' || (now === 'device' && dark?.matches) ? 'dark' : 'light'
}

dark?.addEventListener('change', () => applyTheme())
