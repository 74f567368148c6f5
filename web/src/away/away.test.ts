// What is kept on a device, without a page: the seal, the PIN, the outbox in its order, two devices with one
// comb test, and where the salon reckons otherwise.
import 'fake-indexeddb/auto'
import { Dexie } from 'dexie'
import { afterEach, beforeEach, describe, expect, it } from 'vitest'
import type { MatDraft } from '../parts/comb'
import { Base } from './base'
import { differences, saidOfTaps } from './differences'
import { erase, makeSafe, openByPin, openBySalon, SealedBefore, wrapAnew } from './keys'
import { mendComb } from './mend'
import { mergeZones } from './merge'
import { flush, put, rename, type Answer, type Post, type Told, type Wire } from './outbox'
import type { Entry, Safe } from './safe'

const ME = { id: 's1', name: 'Idris Fenwater', salon: 'The Salon' }
const HANDED = btoa('k'.repeat(32))
let base: Base
let safe: Safe
let n = 0

beforeEach(async () => {
  base = new Base(`away-${n++}`)
  safe = await makeSafe(base, ME, '7350', HANDED)
})
afterEach(() => base.delete())

const entry = (id: string, more: Partial<Entry> = {}): Entry => ({
  id,
  method: 'POST',
  path: `/api/dogs/${id}/arrivals`,
  body: { id },
  at: new Date(Date.now() - 3_600_000).toISOString(),
  what: 'arrived',
  dog: 'Tansy',
  ...more,
})
const told: Told = { answered: () => Promise.resolve(), refused: () => Promise.resolve(null) }

/** A salon that is there, until it is cut. */
function salon(answer: (post: Post) => Answer | 'cut' = () => ({ status: 200, body: {} })) {
  const got: { path: string; key: string; ago: number; body: unknown }[] = []
  const wire: Wire = {
    who: () => Promise.resolve('s1'),
    send: (post, key, ago) => {
      const said = answer(post)
      if (said === 'cut') return Promise.reject(new TypeError('network'))
      got.push({ path: post.path, key, ago, body: post.body })
      return Promise.resolve(said)
    },
  }
  return { got, wire }
}

describe('the safe', () => {
  it('shows nothing of what is in it from outside, and opens by PIN and by the salon', async () => {
    await safe.write('/api/dogs/x/card', { name: 'Tansy Marchpane' })
    await put(safe, entry('a'))
    const raw = [
      ...(await base.docs.toArray()),
      ...(await base.out.toArray()),
      ...(await base.people.toArray()),
    ]
    const bytes = raw.map((row) =>
      JSON.stringify(row, (_, v: unknown) => (v instanceof ArrayBuffer ? new TextDecoder().decode(v) : v)),
    )
    expect(bytes.join()).not.toMatch(/Tansy|arrived/)
    const byPin = await openByPin(base, 's1', '7350')
    expect('safe' in byPin && (await byPin.safe.read('/api/dogs/x/card'))).toEqual({
      name: 'Tansy Marchpane',
    })
    expect(await (await openBySalon(base, 's1', HANDED))?.count()).toBe(1)
    expect(await openBySalon(base, 's1', btoa('x'.repeat(32)))).toBeNull()
  })

  it('locks after five wrong PINs until the salon opens it, and loses nothing', async () => {
    await put(safe, entry('a'))
    for (const left of [4, 3, 2, 1]) expect(await openByPin(base, 's1', '1111')).toEqual({ wrong: left })
    expect(await openByPin(base, 's1', '1111')).toEqual({ locked: true })
    expect(await openByPin(base, 's1', '7350')).toEqual({ locked: true })
    expect(await (await openBySalon(base, 's1', HANDED))?.count()).toBe(1)
    expect(await openByPin(base, 's1', '7350')).toHaveProperty('safe')
  })

  it('goes over to a new PIN', async () => {
    await safe.write('p', 1)
    await wrapAnew(base, 's1', '8642', HANDED)
    expect(await openByPin(base, 's1', '7350')).toEqual({ wrong: 4 })
    const open = await openByPin(base, 's1', '8642')
    expect('safe' in open && (await open.safe.read('p'))).toBe(1)
  })

  it('is begun anew over what nobody can open, but not over what waits', async () => {
    await safe.write('p', 1)
    const other = btoa('y'.repeat(32))
    expect(await (await makeSafe(base, ME, '7350', other)).read('p')).toBeNull()
    await put(safe, entry('a'))
    await expect(makeSafe(base, ME, '7350', btoa('z'.repeat(32)))).rejects.toThrow(SealedBefore)
    await erase(base, 's1')
    expect(await base.out.count()).toBe(0)
  })

  it('keeps two people apart', async () => {
    const other = await makeSafe(base, { ...ME, id: 's2' }, '4826', btoa('m'.repeat(32)))
    await put(other, entry('b'))
    await other.write('p', 2)
    expect(await safe.count()).toBe(0)
    expect(await safe.read('p')).toBeNull()
    await erase(base, 's1')
    expect(await other.count()).toBe(1)
  })
})

describe('the outbox', () => {
  it('sends in order, each once, as of when it was done', async () => {
    for (const id of ['a', 'b', 'c']) await put(safe, entry(id))
    const { got, wire } = salon()
    expect(await flush(safe, wire, told)).toBe('sent')
    expect(got.map((g) => g.key)).toEqual(['a', 'b', 'c'])
    expect(got[0]?.ago).toBeGreaterThanOrEqual(3599)
    expect(got[0]?.ago).toBeLessThan(3700)
    expect(await safe.count()).toBe(0)
  })

  it('goes on where it was cut, under the same key', async () => {
    for (const id of ['a', 'b']) await put(safe, entry(id))
    let cut = true
    const keys: string[] = []
    const { wire } = salon((post) => {
      keys.push(post.id)
      return cut && post.id === 'b' ? 'cut' : { status: 200, body: {} }
    })
    expect(await flush(safe, wire, told)).toBe('away')
    expect(await safe.count()).toBe(1)
    cut = false
    expect(await flush(safe, wire, told)).toBe('sent')
    expect(keys).toEqual(['a', 'b', 'b'])
  })

  it('sends nothing in the name of another', async () => {
    await put(safe, entry('a'))
    const { got, wire } = salon()
    expect(await flush(safe, { ...wire, who: () => Promise.resolve('s2') }, told)).toBe('signin')
    expect(await flush(safe, { ...wire, who: () => Promise.resolve(null) }, told)).toBe('signin')
    expect([got.length, await safe.count()]).toEqual([0, 1])
  })

  it('keeps what is refused, says why, and goes on', async () => {
    for (const id of ['a', 'b']) await put(safe, entry(id))
    const { wire } = salon((post) =>
      post.id === 'a'
        ? { status: 422, body: { title: 'No.', errors: [{ field: 'kg', message: 'is too much' }] } }
        : { status: 200, body: {} },
    )
    expect(await flush(safe, wire, told)).toBe('sent')
    const [left] = await safe.waiting()
    expect(left?.refused).toMatchObject({ status: 422, message: 'No. kg is too much' })
  })

  it('sets aside what the salon fails over, so that what is behind it gets through', async () => {
    for (const id of ['a', 'b']) await put(safe, entry(id))
    const { got, wire } = salon((post) => ({
      status: post.id === 'a' ? 500 : 200,
      body: { title: 'Broken.' },
    }))
    expect(await flush(safe, wire, told)).toBe('away')
    expect(await flush(safe, wire, told)).toBe('away')
    expect(await safe.refused()).toBe(0)
    expect(await flush(safe, wire, told)).toBe('sent')
    expect(got.map((g) => g.key)).toEqual(['a', 'a', 'a', 'b'])
    expect([await safe.refused(), await safe.count()]).toEqual([1, 1])
    expect((await safe.waiting())[0]?.refused).toMatchObject({ status: 500, message: 'Broken.' })
  })

  it('does not set aside what waits while the salon is away', async () => {
    await put(safe, entry('a'))
    for (const status of [503, 502, 504, 429, 503])
      expect(await flush(safe, salon(() => ({ status, body: null })).wire, told)).toBe('away')
    expect([await safe.refused(), await safe.count()]).toEqual([0, 1])
  })

  it('is gone on with by a newer release, refused ones still refused', async () => {
    const old = new Dexie(`away-old-${n}`)
    old
      .version(1)
      .stores({ people: 'id', docs: 'key, person', out: '++n, &id, person', files: 'key, person' })
    const before = await makeSafe(base, ME, '7350', HANDED)
    for (const id of ['a', 'b', 'c']) await put(before, entry(id))
    const second = (await before.waiting())[1]
    await before.change({ ...(second as Post), refused: { status: 422, message: 'No.' } })
    await old.table('people').bulkAdd(await base.people.toArray())
    for (const row of await base.out.toArray())
      await old.table('out').add({ n: row.n, id: row.id, person: row.person, sealed: row.sealed })
    old.close()
    const anew = new Base(`away-old-${n}`)
    const open = await openByPin(anew, 's1', '7350')
    if (!('safe' in open)) throw new Error('It does not open.')
    expect(await open.safe.count()).toBe(3)
    const { got, wire } = salon()
    expect(await flush(open.safe, wire, told)).toBe('sent')
    expect(got.map((g) => g.key)).toEqual(['a', 'c'])
    expect([await open.safe.refused(), await open.safe.count()]).toEqual([1, 1])
    await anew.delete()
  })

  it('puts what is said anew in the place of what waits, never into what is on its way', async () => {
    const comb = (id: string, body: unknown) =>
      entry(id, { method: 'PUT', path: '/api/arrivals/x/comb', body, version: 1 })
    expect(await put(safe, comb('a', 1))).toBe(false)
    expect(await put(safe, comb('b', 2))).toBe(true)
    let late = false
    const { got, wire } = salon()
    const send: Wire['send'] = async (post, key, ago) => {
      if (!late) {
        late = true
        expect(await put(safe, comb('c', 3))).toBe(false)
      }
      return wire.send(post, key, ago)
    }
    expect(await flush(safe, { ...wire, send }, told)).toBe('sent')
    expect(got.map((g) => g.body)).toEqual([2, 3])
  })

  it('joins taps of one groom up to what goes in one request, in their order', async () => {
    const taps = (from: number, many: number) =>
      entry(`t${from}`, {
        path: '/api/grooms/g/taps',
        body: { taps: Array.from({ length: many }, (_, i) => from + i) },
      })
    await put(safe, taps(0, 150))
    await put(safe, taps(150, 40))
    await put(safe, taps(190, 20))
    const { got, wire } = salon()
    await flush(safe, wire, told)
    expect(got.map((g) => (g.body as { taps: number[] }).taps.length)).toEqual([190, 20])
    expect(got.flatMap((g) => (g.body as { taps: number[] }).taps)).toEqual([...Array(210).keys()])
    expect(got[0]?.key).not.toBe('t0')
  })

  it('calls a thing by the name the salon gave it', async () => {
    await rename(safe, 'local-1', 'real-1')
    await put(safe, entry('a', { path: '/api/arrivals/local-1/comb', body: { id: 'local-1' } }))
    const { got, wire } = salon()
    await flush(safe, wire, told)
    expect(got[0]).toMatchObject({ path: '/api/arrivals/real-1/comb', body: { id: 'real-1' } })
  })
})

describe('one comb test on two devices', () => {
  const mat = (zone: string, severity: number): MatDraft => ({
    zone,
    severity,
    spread: severity ? 1 : null,
    clearance: null,
    skin: null,
    overrule: null,
    why: '',
  })

  it('is put together zone by zone', () => {
    const { zones, clashes } = mergeZones(
      [mat('back', 1), mat('loin', 1)],
      [mat('back', 2), mat('loin', 1), mat('chest', 3)],
      [mat('back', 1), mat('loin', 4), mat('rump', 2)],
    )
    expect(Object.fromEntries(zones.map((z) => [z.zone, z.severity]))).toEqual({
      back: 2,
      loin: 4,
      chest: 3,
      rump: 2,
    })
    expect(clashes).toEqual([])
  })

  it('asks where both have changed a zone, and overwrites neither', async () => {
    const post = (mine: MatDraft[]) =>
      ({
        ...entry('a', { method: 'PUT', path: '/api/arrivals/x/comb', body: { zones: mine }, version: 1 }),
        shown: { base: [] },
        n: 1,
      }) satisfies Post
    const stale = (theirs: MatDraft[]) => ({ status: 412, body: { theirs: { zones: theirs }, version: 7 } })
    expect(await mendComb(post([mat('back', 2)]), stale([mat('back', 3)]))).toBeNull()
    const mended = await mendComb(post([mat('back', 2)]), stale([mat('rump', 3)]))
    expect(mended?.version).toBe(7)
    expect((mended?.body as { zones: MatDraft[] }).zones.map((z) => z.zone)).toEqual(['rump', 'back'])
    expect(mergeZones([], [mat('back', 2)], [mat('back', 3)]).clashes).toHaveLength(1)
  })
})

it('says what became of taps, each reason once', () => {
  const result = (id: string, outcome: string, message: string | null) => ({ id, outcome, message })
  const results = [
    result('1', 'counted', null),
    result('2', 'late', 'It was closed.'),
    result('3', 'late', 'It was closed.'),
    result('4', 'refused', 'Too hot.'),
  ]
  const said = saidOfTaps(entry('t', { path: '/api/grooms/g/taps' }), { results })
  expect(said.map((d) => [d.id, d.here, d.salon])).toEqual([
    ['t 2', '2', 'It was closed.'],
    ['t 4', '1', 'Too hot.'],
  ])
  expect(saidOfTaps(entry('u'), null)).toEqual([])
})

it('says where the salon reckons otherwise, and of what was signed that it stays', () => {
  const shown = { decisions: { back: 'loosen' }, minutes: 95, price_minor: 4200 }
  const comb = {
    zones: [{ zone: 'back', decision: 'clip' }],
    options: [{ choice: 'as_reckoned', slot_minutes: 105, price_minor: 4200 }],
  }
  const signed = differences(entry('a', { path: '/api/arrivals/x/agreement', shown }), { comb })
  expect(signed.map((d) => [d.what, d.here, d.salon, d.signed])).toEqual([
    ['back', 'loosen', 'clip', true],
    ['minutes', '95', '105', true],
  ])
  expect(differences(entry('b', { path: '/api/arrivals/x/comb', shown }), comb)).toHaveLength(1)
  expect(differences(entry('c'), comb)).toEqual([])
})
