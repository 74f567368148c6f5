// What a screen asks where no salon can be asked, and what every answer needs: the day as it was prepared, an
// entry for the outbox, who does it.
import type { Schemas } from '../app/client'
import type { Prepared } from './lookup'
import type { Entry, Safe } from './safe'

type Session = Schemas['SessionView']

export interface Asked {
  method: string
  path: string
  query: URLSearchParams
  key: string
  version: number | undefined
  /** JSON, or the fields of a form */
  body: Record<string, unknown>
  photo: Blob | null
}
export interface Here {
  safe: Safe
  asked: Asked
  /** ids in the path, in their order */
  ids: string[]
}
export type Act = (here: Here) => Promise<unknown>

const PREPARED = /^\/api\/dogs\/([^/]+)\/away\?on=(.+)$/
export const NO_SIGNAL = {
  code: 'away',
  level: 'caution' as const,
  message:
    'No signal: what the check comes to is reckoned when the salon can be asked. In doubt, stop and ask ' +
    'a vet.',
}

export const arrivalPath = (id: string) => `/api/arrivals/${id}`
export const groomPath = (id: string) => `/api/grooms/${id}`

/** Which arrival and groom a prepared day has, by its path: no day is opened to look for an id. */
const IDS = 'ids'
type Ids = Record<string, [arrival: string, groom: string]>

export const dayPath = (dog: string, on: string) => `/api/dogs/${dog}/away?on=${on}`

export async function keepDay(safe: Safe, day: Prepared): Promise<void> {
  const path = dayPath(day.dog, day.on)
  await safe.write(path, day)
  await safe.amend<Ids>(IDS, (was) => ({ ...was, [path]: [day.arrival.id, day.groom.id] }))
}

/** Of days that are over nothing is kept. */
export async function dropDays(safe: Safe, keep: Set<string>): Promise<void> {
  await safe.amend<Ids>(IDS, (was) =>
    Object.fromEntries(Object.entries(was ?? {}).filter(([path]) => keep.has(path))),
  )
}

/** Arrival and groom of a prepared day. */
export async function idsOf(safe: Safe, path: string): Promise<Ids[string] | null> {
  const known = (await safe.read<Ids>(IDS))?.[path]
  if (known) return known
  // Kept by a release before.
  const day = await safe.read<Prepared>(path)
  return day && [day.arrival.id, day.groom.id]
}

/** A day as it was prepared, by the dog (today's, else the next) or by an id in it. */
export async function prepared(
  safe: Safe,
  { dog, id }: { dog?: string; id?: string },
  today = localDay(),
): Promise<Prepared | null> {
  const path = await pathOf(safe, { dog, id }, today)
  return path === null ? null : safe.read<Prepared>(path)
}

async function pathOf(
  safe: Safe,
  { dog, id }: { dog?: string; id?: string },
  today = localDay(),
): Promise<string | null> {
  const days = (await safe.paths())
    .map((path) => PREPARED.exec(path))
    .filter((m) => m !== null)
    .filter((m) => !dog || m[1] === dog)
    .sort((a, b) => Number((b[2] ?? '') === today) - Number((a[2] ?? '') === today) || cmp(a[2], b[2]))
  for (const [path] of days) {
    if (!id || (await idsOf(safe, path))?.includes(id)) return path
  }
  return null
}
const cmp = (a = '', b = '') => (a < b ? -1 : a > b ? 1 : 0)

export function localDay(at = new Date()): string {
  return [at.getFullYear(), at.getMonth() + 1, at.getDate()].map((n) => String(n).padStart(2, '0')).join('-')
}

/** No answer can be given here: the screen says that there is no connection, as ever. */
export class NotHere extends TypeError {}

export async function need<T>(found: Promise<T | null>): Promise<T> {
  const there = await found
  if (there === null) throw new NotHere('Nothing of it is kept on this device.')
  return there
}

export function entry({ asked }: Here, of: { dog: string; what: string } & Partial<Entry>): Entry {
  return {
    id: asked.key,
    method: asked.method as Entry['method'],
    path: asked.path,
    body: asked.body,
    version: asked.version,
    at: new Date().toISOString(),
    ...of,
  }
}

export async function myName(safe: Safe): Promise<string> {
  return (await safe.read<Session>('/api/session'))?.name ?? safe.who.name
}

/** What the device has changed is read from the device until the salon has it. */
export async function markChanged(safe: Safe, path: string): Promise<void> {
  const [, kind, id] = /^\/api\/(dogs|arrivals|grooms)\/([^/]+)/.exec(path) ?? []
  const day = await pathOf(safe, kind === 'dogs' ? { dog: id } : { id })
  const [arrival, groom] = (day && (await idsOf(safe, day))) ?? []
  if (!arrival || !groom) return
  const ahead = [arrivalPath(arrival), groomPath(groom), `${groomPath(groom)}/finish`]
  await safe.amend<string[]>('changed', (was) => [...new Set([...(was ?? []), ...ahead])])
}
