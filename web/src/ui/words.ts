// How dates and figures are written.
import { differenceInMonths, format, formatDistanceToNowStrict, isValid, parseISO } from 'date-fns'
import { length, monthFirst } from './units'

/** What is no day yet, as while it is typed, stays as it is. */
export function day(iso: string | null | undefined): string {
  return written(iso, monthFirst() ? 'EEE, MMM d, yyyy' : 'EEE d MMM yyyy')
}

export function shortDay(iso: string | null | undefined): string {
  return written(iso, monthFirst() ? 'MMM d' : 'd MMM')
}

/** A day without its name. */
export function plainDay(date: Date): string {
  return format(date, monthFirst() ? 'MMM d, yyyy' : 'd MMM yyyy')
}

function written(iso: string | null | undefined, how: string): string {
  if (!iso) return '–'
  const date = parseISO(iso)
  return isValid(date) ? format(date, how) : iso
}

/** A time of day, where this device is. */
export function clock(iso: string): string {
  return format(parseISO(iso), 'HH:mm')
}

/** The day a moment belongs to, where this device is. */
export function dayOf(iso: string): string {
  return format(parseISO(iso), 'yyyy-MM-dd')
}

/** Under what they have in common, in the order they come. */
export function grouped<T>(all: T[], key: (one: T) => string): [string, T[]][] {
  const out = new Map<string, T[]>()
  for (const one of all) out.set(key(one), [...(out.get(key(one)) ?? []), one])
  return [...out]
}

export function ago(iso: string): string {
  return `${formatDistanceToNowStrict(parseISO(iso))} ago`
}

export function age(born: string, today: string): string {
  const months = differenceInMonths(parseISO(today), parseISO(born))
  return months < 24 ? `${months} months` : `${Math.floor(months / 12)} years`
}

/** A length: 17 mm, 3.2 mm; 21/32 in (16.7 mm) where inches come first. */
export function mm(value: number | null | undefined): string {
  return value == null ? '–' : length(value)
}

export function trim(value: number): string {
  return String(Math.round(value * 10) / 10)
}

export function money(minor: number, currency: string): string {
  return new Intl.NumberFormat(undefined, { style: 'currency', currency }).format(minor / 100)
}

/** Minutes as they are said: 45 min, 2 h 05. */
export function hours(minutes: number): string {
  const whole = Math.round(minutes)
  const h = Math.floor(whole / 60)
  return h === 0 ? `${whole} min` : `${h} h ${String(whole % 60).padStart(2, '0')}`
}

/** With a capital and a full stop. */
export function sentence(text: string): string {
  return `${text.charAt(0).toUpperCase()}${text.slice(1)}${/[.!?]$/.test(text) ? '' : '.'}`
}
