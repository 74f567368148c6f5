// A thumb beside a small zone means it; elsewhere what is under it.
import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import { middle, zoneAt } from './reach'

const BOX = `<svg><path data-zone="belly" data-at="50 50"></path>
  <path data-zone="channel" data-at="20 20"></path><path data-zone="groin" data-at="26 20"></path></svg>`

beforeEach(() => {
  document.body.innerHTML = BOX
  vi.stubGlobal(
    'DOMPoint',
    class {
      constructor(
        public x: number,
        public y: number,
      ) {}
      matrixTransform() {
        return this
      }
    },
  )
  Object.assign(Element.prototype, { getScreenCTM: () => ({}) })
})
afterEach(() => {
  document.body.innerHTML = ''
  Reflect.deleteProperty(Element.prototype, 'getScreenCTM')
})
const meant = (on: string | null, x: number, y: number) =>
  zoneAt(document.body, on === null ? null : document.querySelector(`[data-zone=${on}]`), x, y)

it('goes by the middle that is near, the nearest of two, and else by what is under the finger', () => {
  expect(meant('belly', 21, 22)).toBe('channel')
  expect(meant('belly', 24, 20)).toBe('groin')
  expect(meant('belly', 20, 30)).toBe('belly')
  expect(meant(null, 100, 100)).toBeNull()
})
it('goes by what was meant where there was no finger', () => {
  expect(meant('belly', NaN, 0)).toBe('belly')
})
it('writes a middle as it is drawn, y downwards', () => {
  expect(middle([1.234, -5])).toBe('1.23 5.00')
})
