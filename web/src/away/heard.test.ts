// What is kept of what the salon answered: the next thing goes on from it without a signal.
// @vitest-environment happy-dom
import 'fake-indexeddb/auto'
import { afterEach, beforeEach, describe, expect, it } from 'vitest'
import { arrivalPath, groomPath, keepDay, localDay, prepared } from './asked'
import type { Base } from './base'
import { heard, underOurId } from './heard'
import type { Prepared } from './lookup'
import type { Safe } from './safe'
import { anew } from './testing'

const A = '01900000-0000-7000-8000-00000000000a'
const G = '01900000-0000-7000-8000-00000000000b'
const OTHER = '01900000-0000-7000-8000-00000000000c'
const DOG = '01900000-0000-7000-8000-00000000000d'
const day = (arrival: string, groom: string) =>
  ({ dog: DOG, on: localDay(), arrival: { id: arrival }, groom: { id: groom } }) as unknown as Prepared
const none = () => Promise.reject(new Error('The salon is not asked.'))
const post = (path: string, body: object = {}) =>
  new Request(`http://salon.test${path}`, { method: 'POST', body: JSON.stringify(body) })
let base: Base
let safe: Safe

beforeEach(async () => {
  ;({ base, safe } = await anew())
})
afterEach(() => base.delete())

describe('what the salon answered', () => {
  it('is begun under the id that the day was prepared with', async () => {
    const arrivals = `/api/dogs/${DOG}/arrivals`
    expect((await underOurId(safe, post(arrivals))).url).toBe(`http://salon.test${arrivals}`)
    await keepDay(safe, day(A, G))
    expect((await underOurId(safe, post(arrivals))).url).toBe(`http://salon.test${arrivals}?id=${A}`)
    const grooms = `/api/dogs/${DOG}/grooms`
    const sent = () => underOurId(safe, post(grooms, { place: null }))
    expect(await (await sent()).json()).toEqual({ place: null, id: G })
    // The dog comes to the table once more on the same day.
    await heard(safe, grooms, { id: G, state: 'open' }, none)
    expect(await (await sent()).json()).toEqual({ place: null })
  })

  it('is what the next thing goes on from', async () => {
    await keepDay(safe, day(A, G))
    const agreements = [{ id: 'x', current: true }]
    await heard(safe, `/api/dogs/${DOG}/arrivals`, { id: A, agreements, comb: { version: 1 } }, none)
    await heard(safe, `/api/arrivals/${A}/comb`, { version: 2 }, none)
    const kept = await safe.read(arrivalPath(A))
    expect(kept).toEqual({ id: A, comb: { version: 2 }, agreements: [{ id: 'x', current: false }] })
    await heard(safe, `/api/arrivals/${A}/check`, { id: A, check_version: 2 }, none)
    expect(await safe.read(arrivalPath(A))).toEqual({ id: A, check_version: 2 })
    await heard(safe, `/api/grooms/${G}/close`, { id: G, state: 'closed' }, none)
    expect(await safe.read(groomPath(G))).toMatchObject({ state: 'closed' })
  })

  it('brings a dog here that was not of this week, or that somebody else had taken in', async () => {
    const asked: string[] = []
    const ask = <T>(path: string) => {
      asked.push(path)
      return Promise.resolve(day(OTHER, G) as T)
    }
    await heard(safe, `/api/dogs/${DOG}/arrivals`, { id: OTHER }, ask)
    expect(asked).toEqual([`/api/dogs/${DOG}/away`])
    expect((await prepared(safe, { id: OTHER }))?.dog).toBe(DOG)
    await heard(safe, `/api/dogs/${DOG}/grooms`, { id: G }, none)
    expect(await safe.read(groomPath(G))).toEqual({ id: G })
  })
})
