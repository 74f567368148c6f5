// Days as they are typed at a desk.
import { describe, expect, it } from 'vitest'
import { dayTyped, isDay, timeTyped } from './dates'

const TODAY = new Date(2026, 10, 28)

describe('a typed day', () => {
  it.each([
    ['2026-11-30', '2026-11-30'],
    ['30 Nov 2026', '2026-11-30'],
    ['Mon 30 Nov 2026', '2026-11-30'],
    ['monday, 30 november 2026', '2026-11-30'],
    ['30.11.2026', '2026-11-30'],
    ['30/11/26', '2026-11-30'],
    ['30 Nov', '2026-11-30'],
    ['30.11.', '2026-11-30'],
    ['4 Jan', '2027-01-04'],
    ['1 Sep', '2026-09-01'],
    [' 29.2.2028 ', '2028-02-29'],
  ])('%s is %s', (text, is) => expect(dayTyped(text, TODAY)).toBe(is))

  it.each(['', '31.11.2026', '29.2.2027', 'soon', '30', '11/30/2026', '<b>', '30 Nov 26 Dec', '0000-01-01'])(
    '%j is none',
    (text) => expect(dayTyped(text, TODAY)).toBeNull(),
  )

  it.each([
    ['9', '09:00'],
    ['9.30', '09:30'],
    ['930', '09:30'],
    ['14:05', '14:05'],
    ['25:00', '25:00'],
    ['9:75', '9:75'],
    ['soon', 'soon'],
  ])('the time %s is %s', (text, is) => expect(timeTyped(text)).toBe(is))

  it('is one where the calendar has it', () => {
    expect(isDay('2026-11-30')).toBe(true)
    expect(isDay('2026-11-31')).toBe(false)
    expect(isDay('30 Nov')).toBe(false)
  })
})
