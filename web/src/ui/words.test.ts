// Dates and figures as people read them.
import { describe, expect, it } from 'vitest'
import { age, day, dayOf, grouped, mm, shortDay } from './words'

describe('a day', () => {
  it('is written as every day is; what is no day yet stays as typed', () => {
    expect([day('2026-11-28'), shortDay('2026-11-28'), day(null), day('')]).toEqual([
      'Sat 28 Nov 2026',
      '28 Nov',
      '–',
      '–',
    ])
    expect([day('2'), day('11/'), shortDay('next week')]).toEqual(['2', '11/', 'next week'])
  })
})

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
  it('puts what happened under its day here, in the order it comes', () => {
    const here = new Date(2026, 10, 28, 23, 30).toISOString()
    expect(dayOf(here)).toBe('2026-11-28')
    expect(grouped(['b1', 'a1', 'b2'], (one) => one.charAt(0))).toEqual([
      ['b', ['b1', 'b2']],
      ['a', ['a1']],
    ])
  })
  it('counts months for the young and years for the rest', () => {
    expect([age('2026-01-10', '2026-11-25'), age('2020-11-26', '2026-11-25')]).toEqual([
      '10 months',
      '5 years',
    ])
  })
})
