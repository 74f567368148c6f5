// What a salon in pounds and inches reads and types is what one in kg and mm does.
import { readFileSync } from 'node:fs'
import { afterEach, describe, expect, it } from 'vitest'
import { dayTyped } from './dates'
import { inches, length, speak, weight, weightShown, weightTyped, weightUnit } from './units'
import { day, shortDay } from './words'

const EXAMPLES = JSON.parse(readFileSync('../core/tests/inches.json', 'utf8')) as Record<string, string>
const TODAY = new Date(2026, 10, 28)

afterEach(() => speak({ language: 'en', units: 'metric' }))

describe('units', () => {
  it.each(Object.entries(EXAMPLES))('%s mm is %s in, as the core has it', (mm, written) => {
    expect(inches(Number(mm))).toBe(written)
  })

  it('shows pounds, and keeps what was typed when it comes back in kg', () => {
    speak({ language: 'en', units: 'us' })
    expect(weightUnit()).toBe('lb')
    expect(weight(12)).toBe('26.5 lb')
    expect(length(16)).toBe('5/8 in (16 mm)')
    for (let lb = 1; lb < 260; lb += 0.1) {
      const typed = Math.round(lb * 10) / 10
      expect(weightShown(weightTyped(typed))).toBe(typed)
    }
  })

  it('shows kg and mm as they are', () => {
    expect(weight(12.34)).toBe('12.34 kg')
    expect(weightTyped(12.34)).toBe(12.34)
    expect(length(16.04)).toBe('16 mm')
  })
})

describe('days where the month comes first', () => {
  it('are written and read so', () => {
    expect(day('2026-11-28')).toBe('Sat 28 Nov 2026')
    expect(dayTyped('3/4/2027', TODAY)).toBe('2027-04-03')
    speak({ language: 'en-US', units: 'metric' })
    expect(day('2026-11-28')).toBe('Sat, Nov 28, 2026')
    expect(shortDay('2026-11-28')).toBe('Nov 28')
    expect(dayTyped('3/4/2027', TODAY)).toBe('2027-03-04')
    expect(dayTyped('Sat, Nov 28, 2026', TODAY)).toBe('2026-11-28')
    expect(dayTyped('Dec 3', TODAY)).toBe('2026-12-03')
    // What can only be a day first is read so as well.
    expect(dayTyped('28 Nov 2026', TODAY)).toBe('2026-11-28')
  })
})
