// Light, dark or as the device says; remembered on this device.
export type Theme = 'device' | 'light' | 'dark'
const KEY = 'thistle.theme'
const dark = typeof matchMedia === 'undefined' ? null : matchMedia('(prefers-color-scheme: dark)')

export function theme(): Theme {
  const kept = localStorage.getItem(KEY)
  return kept === 'light' || kept === 'dark' ? kept : 'device'
}

export function applyTheme(next?: Theme): void {
  if (next) localStorage.setItem(KEY, next)
  const now = theme()
  document.documentElement.dataset.theme =
    now === 'dark' || (now === 'device' && dark?.matches) ? 'dark' : 'light'
}

dark?.addEventListener('change', () => applyTheme())
