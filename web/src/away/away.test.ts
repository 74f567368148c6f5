// What is kept on a device, without a page: the seal, the PIN, two devices with one comb test, and where the
// salon reckons otherwise.
import 'fake-indexeddb/auto'
import { afterEach, beforeEach, describe, expect, it } from 'vitest'
import type { MatDraft } from '../parts/comb'
import type { Base } from './base'
import { differences, saidOfTaps } from './differences'
import { beginKey, erase, eraseSent, makeSafe, openByPin, openBySalon, SealedBefore, wrapAnew } from './keys'
import { mendComb } from './mend'
import { mergeZones } from './merge'
import { put, type Post } from './outbox'
import type { Safe } from './safe'
import { anew, entry, HANDED, ME } from './testing'

let base: Base
let safe: Safe

beforeEach(async () => {
  ;({ base, safe } = await anew())
})
afterEach(() => base.delete())

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

  it('is begun with while the PIN is typed, and that is no try', async () => {
    await beginKey(base, 's1', '1111')
    expect((await base.people.get('s1'))?.tries).toBe(0)
    await beginKey(base, 's1', '7350')
    expect(await openByPin(base, 's1', '7350')).toHaveProperty('safe')
    await beginKey(base, 'nobody', '7350')
    expect(await openByPin(base, 'nobody', '7350')).toEqual({ locked: true })
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
    const next = await makeSafe(base, ME, '7350', other)
    expect(await next.read('p')).toBeNull()
    await put(next, entry('a'))
    await expect(makeSafe(base, ME, '7350', btoa('z'.repeat(32)))).rejects.toThrow(SealedBefore)
    await erase(base, 's1')
    expect(await base.out.count()).toBe(0)
  })

  it('takes nothing in any more once its person has signed out, nor under the key of before', async () => {
    await safe.write('p', 1)
    await erase(base, 's1')
    const late = () =>
      Promise.all([
        safe.write('/api/session', ME),
        safe.keepFile('f', new Blob(['x'])),
        safe.amend('q', () => 2),
      ])
    await late()
    await expect(put(safe, entry('a'))).rejects.toThrow('cleared')
    const counts = () => Promise.all([base.docs, base.files, base.out, base.people].map((t) => t.count()))
    expect(await counts()).toEqual([0, 0, 0, 0])
    const next = await makeSafe(base, ME, '7350', HANDED)
    await next.write('p', 3)
    await late()
    expect(await counts()).toEqual([1, 0, 0, 1])
    expect(await next.read('p')).toBe(3)
    // Opened anew it is the same one.
    const opened = await openByPin(base, 's1', '7350')
    if ('safe' in opened) await opened.safe.write('p', 4)
    expect(await next.read('p')).toBe(4)
  })

  it('is erased only where nothing waits', async () => {
    await safe.write('p', 1)
    await put(safe, entry('a'))
    expect(await eraseSent(base, 's1')).toBe(1)
    expect([await safe.read('p'), await safe.count()]).toEqual([1, 1])
    await safe.done((await safe.waiting())[0]?.n ?? 0)
    expect(await eraseSent(base, 's1')).toBe(0)
    expect([await base.docs.count(), await base.people.count()]).toEqual([0, 0])
  })

  it('loses none of two things that are noted at once', async () => {
    const note = (n: number) => safe.amend<number[]>('list', (was) => [...(was ?? []), n])
    await Promise.all([1, 2, 3, 4].map(note))
    expect(await safe.read('list')).toEqual([1, 2, 3, 4])
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

  it('asks where both have changed a zone, and overwrites neither', () => {
    const post = (mine: MatDraft[]) =>
      ({
        ...entry('a', { method: 'PUT', path: '/api/arrivals/x/comb', body: { zones: mine }, version: 1 }),
        shown: { base: [] },
        n: 1,
      }) satisfies Post
    const stale = (theirs: MatDraft[]) => ({ status: 412, body: { theirs: { zones: theirs }, version: 7 } })
    expect(mendComb(post([mat('back', 2)]), stale([mat('back', 3)]))).toBeNull()
    const mended = mendComb(post([mat('back', 2)]), stale([mat('rump', 3)]))
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
