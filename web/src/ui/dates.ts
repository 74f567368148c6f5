// A day as people type it: 28 Nov, 28.11.2026, Sat 28 November 2026, 2026-11-28; where the month comes first,
// 11/28/2026 and Nov 28 as well.
import { addYears, differenceInDays, format, isValid, parse, parseISO } from 'date-fns'
import { monthFirst } from './units'

const WITH_YEAR = [
  'yyyy-MM-dd',
  'd MMM yyyy',
  'd MMMM yyyy',
  'd.M.yyyy',
  'd/M/yyyy',
  'd MMM yy',
  'd.M.yy',
  'd/M/yy',
]
const WITHOUT = ['d MMM', 'd MMMM', 'd.M.', 'd.M', 'd/M']
const MONTH_FIRST = ['M/d/yyyy', 'M/d/yy', 'MMM d yyyy', 'MMMM d yyyy']
const MONTH_FIRST_WITHOUT = ['M/d', 'MMM d', 'MMMM d']
/** A day without a year that is longer gone than this is one of next year. */
const GONE_DAYS = 180

/** @returns the day as the API writes it; null: it is none */
export function dayTyped(text: string, today: Date): string | null {
  const said = text
    .trim()
    .replace(
      monthFirst() ? /^(mon|tue|wed|thu|fri|sat|sun)[a-z]*[.,]?\s+/i : /^[a-z]{2,9}[.,]?\s+(?=\d)/i,
      '',
    )
    .replace(/,/g, '')
    .replace(/\s+/g, ' ')
  const read = (formats: string[]) =>
    formats.map((f) => parse(said, f, today)).find((d) => isValid(d) && d.getFullYear() >= 1000)
  const whole = read(monthFirst() ? [...MONTH_FIRST, ...WITH_YEAR] : WITH_YEAR)
  if (whole) return format(whole, 'yyyy-MM-dd')
  const near = read(monthFirst() ? [...MONTH_FIRST_WITHOUT, ...WITHOUT] : WITHOUT)
  if (!near) return null
  return format(differenceInDays(today, near) > GONE_DAYS ? addYears(near, 1) : near, 'yyyy-MM-dd')
}

/** @returns a time as the API writes it: 9, 9.30, 930 and 09:30 are one; what is none stays as typed */
export function timeTyped(text: string): string {
  const [, h, min = '00'] = /^\s*(\d{1,2})(?:[.:h ]?(\d{2}))?\s*$/.exec(text) ?? []
  return h !== undefined && Number(h) < 24 && Number(min) < 60 ? `${h.padStart(2, '0')}:${min}` : text
}

export function isDay(text: string): boolean {
  return /^\d{4}-\d{2}-\d{2}$/.test(text) && isValid(parseISO(text))
}
