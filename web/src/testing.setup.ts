// What happy-dom lacks and Radix asks for; and every test leaves an empty page.
import { cleanup, configure } from '@testing-library/react'
import { afterEach, vi } from 'vitest'

globalThis.ResizeObserver ??= class {
  observe() {}
  unobserve() {}
  disconnect() {}
}
const lacking: Record<string, () => unknown> = {
  scrollIntoView: () => undefined,
  hasPointerCapture: () => false,
}
for (const [name, value] of Object.entries(lacking))
  if (!(name in Element.prototype)) Object.defineProperty(Element.prototype, name, { value })
// What a test did not say an answer to is not looked for anywhere.
globalThis.fetch = () => Promise.reject(new TypeError('Nothing answers in a test.'))
// Found at once on an idle machine; a busy one is given time.
configure({ asyncUtilTimeout: 30_000 })
afterEach(() => {
  cleanup()
  vi.useRealTimers()
  globalThis.sessionStorage?.clear()
  globalThis.localStorage?.clear()
})
