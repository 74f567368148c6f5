// The outbox over a pretended store: in order, each once, what is refused, what an earlier release left.
import 'fake-indexeddb/auto'
import { Dexie } from 'dexie'
import { afterEach, beforeEach, describe, expect, it } from 'vitest'
import { Base } from './base'
import { makeSafe, openByPin } from './keys'
import { flush, put, rename, type Post, type Wire } from './outbox'
import type { Safe } from './safe'
import { anew, entry, HANDED, ME, salon, told } from './testing'

let base: Base
let safe: Safe

beforeEach(async () => {
  ;({ base, safe } = await anew())
})
afterEach(() => base.delete())

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
    const old = new Dexie(`away-old`)
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
    const newer = new Base(`away-old`)
    const open = await openByPin(newer, 's1', '7350')
    if (!('safe' in open)) throw new Error('It does not open.')
    expect(await open.safe.count()).toBe(3)
    const { got, wire } = salon()
    expect(await flush(open.safe, wire, told)).toBe('sent')
    expect(got.map((g) => g.key)).toEqual(['a', 'c'])
    expect([await open.safe.refused(), await open.safe.count()]).toEqual([1, 1])
    await newer.delete()
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
