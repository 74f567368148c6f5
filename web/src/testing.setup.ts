// What jsdom lacks and Radix asks for; and every test leaves an empty page.
import { cleanup, configure } from '@testing-library/react'
import { afterEach } from 'vitest'

globalThis.ResizeObserver ??= class {
  observe() {}
  unobserve() {}
  disconnect() {}
}
Element.prototype.scrollIntoView ??= () => {}
Element.prototype.hasPointerCapture ??= () => false
// Found at once on an idle machine; a busy one is given time.
configure({ asyncUtilTimeout: 30_000 })
afterEach(() => {
  cleanup()
  globalThis.sessionStorage?.clear()
})
