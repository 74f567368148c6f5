// Dates and figures as people read them.
import { describe, expect, it } from 'vitest'
import { age, day, mm, shortDay } from './words'

describe('words', () => {
  it('writes lengths without needless digits', () => {
    expect([mm(17), mm(3.2), mm(12.75), mm(0.2), mm(null)]).toEqual([
      '17 mm',
      '3.2 mm',
      '12.8 mm',
      '0.2 mm',
      '–',
    ])
  })
  it('writes days', () => {
    expect([day('2026-03-01'), shortDay('2026-03-01'), day(null)]).toEqual(['Sun 1 Mar 2026', '1 Mar', '–'])
  })
  it('counts months for the young and years for the rest', () => {
    expect([age('2026-01-10', '2026-11-25'), age('2020-11-26', '2026-11-25')]).toEqual([
      '10 months',
      '5 years',
    ])
  })
})
