// Fetches what a day without a signal needs, as the salon has it now; what is over and sent goes. What was
// changed here and is not sent yet stays as it is here.
import type { Schemas } from '../app/client'
import type { ArrivalData } from '../parts/comb'
import { arrivalPath, dayPath, dropDays, groomPath, idsOf, keepDay } from './asked'
import type { Prepared } from './lookup'
import type { Safe } from './safe'

/** Null: the salon does not say it to this person. */
type Ask = <T>(path: string) => Promise<T | null>
const OWN = ['/api/session', '/api/away', 'aliases', 'changed', 'differences', 'ids']
const HOUSE = ['/api/words', '/api/house', '/api/kit', '/api/round', '/api/emergency']
/** The last of them says that all of a dog is here. */
const OF_A_DOG = ['card', 'repeat', 'histories/warnings']

/** @throws where the salon does not answer: what was fetched by then is kept */
export async function pack(safe: Safe, ask: Ask): Promise<void> {
  const away = await ask<Schemas['AwayView']>('/api/away')
  if (!away) return
  const changed = new Set(await safe.read<string[]>('changed'))
  const keep = new Set([...OWN, ...changed])
  const save = async (path: string, value: unknown) => {
    keep.add(path)
    if (value === null) await safe.drop(path)
    else if (!changed.has(path)) await safe.write(path, value)
  }
  await save('/api/away', away)
  for (const path of HOUSE) await save(path, await ask(path))
  for (const { dog, on } of away.dogs) {
    const path = dayPath(dog, on)
    const [arrival, groom] = (await idsOf(safe, path)) ?? []
    if (arrival && groom && [arrivalPath(arrival), groomPath(groom)].some((p) => changed.has(p))) {
      keep.add(path)
      continue
    }
    const day = await ask<Prepared>(path)
    if (!day) continue
    keep.add(path)
    await keepDay(safe, day)
    if (day.arrived) await save(arrivalPath(day.arrival.id), day.arrival)
    if (day.begun) await save(groomPath(day.groom.id), day.groom)
    await save(`${groomPath(day.groom.id)}/finish`, day.finish)
    for (const what of OF_A_DOG) await save(`/api/dogs/${dog}/${what}`, await ask(`/api/dogs/${dog}/${what}`))
    await keepPhotos(safe, day.arrival)
  }
  for (const path of await safe.paths()) if (!keep.has(path)) await safe.drop(path)
  await dropDays(safe, keep)
}

/** The dogs of the week, and whether all of each is here. */
export async function keptDays(safe: Safe): Promise<(Schemas['AwayDayView'] & { here: boolean })[]> {
  const away = await safe.read<Schemas['AwayView']>('/api/away')
  const there = new Set(await safe.paths())
  return (away?.dogs ?? []).map((d) => ({
    ...d,
    here: [`away?on=${d.on}`, ...OF_A_DOG].every((what) => there.has(`/api/dogs/${d.dog}/${what}`)),
  }))
}

async function keepPhotos(safe: Safe, arrival: ArrivalData): Promise<void> {
  for (const { id } of arrival.photos) {
    if (await safe.file(id)) continue
    const response = await globalThis.fetch(`/api/photos/${id}/small`)
    if (response.ok) await safe.keepFile(id, await response.blob())
  }
}
