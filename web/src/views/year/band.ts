// Where a day stands on the band of a year, and what is said of a run and a visit.
import { addDays, differenceInCalendarDays, format, parseISO } from 'date-fns'
import type { Schemas } from '../../app/client'

export type YearData = Schemas['YearView']
export type Check = Schemas['YearCheckView']

export const DAYS = 364

/** Share of the band in per cent, within it. */
export function place(today: string, iso: string): number {
  const days = differenceInCalendarDays(parseISO(iso), parseISO(today))
  return (100 * Math.max(0, Math.min(DAYS, days))) / DAYS
}

export function shifted(iso: string, days: number): string {
  return format(addDays(parseISO(iso), days), 'yyyy-MM-dd')
}

/** The first days of the months on the band. */
export function months(today: string): { on: string; label: string }[] {
  const begin = parseISO(today)
  return Array.from({ length: 12 }, (_, i) => {
    const first = new Date(begin.getFullYear(), begin.getMonth() + i + 1, 1)
    return {
      on: format(first, 'yyyy-MM-dd'),
      label: format(first, first.getMonth() === 0 ? 'MMM yyyy' : 'MMM'),
    }
  })
}

export function late(days: number): string {
  return days % 7 === 0 && days > 6
    ? `${days / 7} ${days === 7 ? 'week' : 'weeks'} too long`
    : `${days} ${days === 1 ? 'day' : 'days'} too long`
}

export const SHORT: Record<string, string> = { full: 'Full', bath: 'Bath', tidy: 'Tidy', nails: 'Nails' }
