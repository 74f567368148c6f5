// What the salon answered while it could be asked: kept, so that the next thing can be done without it. A dog
// that is taken in with a signal is on this device as it stands when the signal goes.
import type { ArrivalData, CombData } from '../parts/comb'
import { changed } from '../parts/taps'
import type { Schemas } from '../app/client'
import { arrivalPath, dayPath, groomPath, idsOf, keepDay, localDay, prepared } from './asked'
import { goOn } from './atTable'
import type { Groom, Prepared } from './lookup'
import type { Safe } from './safe'

type Ask = <T>(path: string) => Promise<T | null>
const BEGUN = /^\/api\/dogs\/([^/]+)\/(arrivals|grooms)$/
const OF_ARRIVAL = /^\/api\/arrivals\/([^/]+)\/(comb|check|agreement)$/
const OF_GROOM = /^\/api\/grooms\/([^/]+)\/(taps|close)$/

/** A request that begins something, under the id that today was prepared with. */
export async function underOurId(safe: Safe, request: Request): Promise<Request> {
  const url = new URL(request.url)
  const [, dog, what] = BEGUN.exec(url.pathname) ?? []
  const [arrival, groom] = (dog && (await idsOf(safe, dayPath(dog, localDay())))) || []
  if (!arrival || !groom || request.method !== 'POST') return request
  const { method, headers, signal } = request
  if (what === 'arrivals') {
    url.searchParams.set('id', arrival)
    return new Request(url, { method, headers, signal, body: await request.clone().arrayBuffer() })
  }
  // One that this device has begun already is another groom of the same day.
  if (await safe.read(groomPath(groom))) return request
  const body = JSON.stringify({ ...((await request.clone().json()) as object), id: groom })
  return new Request(url, { method, headers, signal, body })
}

export async function heard(safe: Safe, path: string, body: unknown, ask: Ask): Promise<void> {
  const [, dog, begun] = BEGUN.exec(path) ?? []
  if (dog) {
    const { id } = body as { id: string }
    await safe.write(begun === 'arrivals' ? arrivalPath(id) : groomPath(id), body)
    if (!(await idsOf(safe, dayPath(dog, localDay())))?.includes(id)) {
      const day = await ask<Prepared>(`/api/dogs/${dog}/away`)
      if (day) await keepDay(safe, day)
    }
    return
  }
  const [, arrival, part] = OF_ARRIVAL.exec(path) ?? []
  const [, groom, act] = OF_GROOM.exec(path) ?? []
  if (arrival) {
    const there = await safe.read<ArrivalData>(arrivalPath(arrival))
    const now = part === 'comb' ? there && combed(there, body as CombData) : (body as ArrivalData)
    if (now) {
      await safe.write(arrivalPath(arrival), now)
      await atTheTable(safe, now, ask)
    }
  }
  if (groom) {
    const there = await safe.read<Groom>(groomPath(groom))
    if (act === 'close') await safe.write(groomPath(groom), body)
    else if (there) {
      const { groom: now } = body as { groom: Schemas['GroomChangesView'] }
      await safe.write(groomPath(groom), { ...changed(there, now), now: new Date().toISOString() })
    }
  }
}

/** What is found after a signature is another question to the owner. */
export function combed(arrival: ArrivalData, comb: CombData): ArrivalData {
  return { ...arrival, comb, agreements: arrival.agreements.map((a) => ({ ...a, current: false })) }
}

/** A dog that stands at the table: its list as the salon has it now, else as the tables have it. */
async function atTheTable(safe: Safe, arrival: ArrivalData, ask: Ask): Promise<void> {
  const day = await prepared(safe, { id: arrival.id })
  const path = groomPath(day?.groom.id ?? '')
  if (!day || (await safe.read<Groom>(path))?.state !== 'open') return
  const now = await ask<Groom>(path).catch(() => null)
  await (now ? safe.write(path, now) : goOn(safe, day, arrival))
}
