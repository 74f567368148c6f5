// The chain without a signal: what the comb finds and the owner signs is what stands at the table, also where
// it is found when the dog stands there already.
// @vitest-environment happy-dom
import 'fake-indexeddb/auto'
import { afterEach, beforeEach, describe, expect, it } from 'vitest'
import { actFor } from './answers'
import { arrivalPath, groomPath, keepDay } from './asked'
import type { Base } from './base'
import { heard } from './heard'
import { combAway, type Groom, type Prepared } from './lookup'
import type { Safe } from './safe'
import { anew } from './testing'

const A = '01900000-0000-7000-8000-00000000000a'
const G = '01900000-0000-7000-8000-00000000000b'
const DOG = '01900000-0000-7000-8000-00000000000d'
const found = (severity: number, clearance: boolean, spread: number, more: object) => ({
  zone: 'chest',
  severity,
  clearance,
  spread,
  taken: spread === 1 && clearance === severity < 3,
  decision: severity < 3 ? 'loosen' : 'clip',
  words: 0,
  owner_words: 0,
  blade: severity < 3 ? null : '10',
  leaves_mm: severity < 3 ? null : 1.5,
  minutes: 4 * severity * spread,
  worked_out_minutes: severity < 3 ? 4 * severity * spread : 0,
  load: severity * spread,
  fill_back_on: null,
  clipped: severity < 3 ? null : 0,
  ...more,
})
const step = (key: string, zones: string[]) => ({ key, zones, places: [], state: 'open', why: '', who: null })
const zone = (name: string) => ({
  zone: name,
  planned: { reason: 'owner_wish' },
  state: 'planned',
  why: '',
  seq: 0,
  carry: 'repeat',
  waits: '',
})
const day = (more: object = {}) =>
  ({
    dog: DOG,
    on: '2099-01-01',
    arrived: false,
    begun: false,
    arrival: {
      id: A,
      dog: { name: 'Tansy' },
      comb: {
        version: 1,
        limit_minutes: 30,
        zones: [],
        options: [{ choice: 'as_reckoned', title: 'as planned' }],
      },
      today: { zones: [{ zone: 'back' }, { zone: 'chest' }], differs: 0, mats: {} },
      agreements: [],
      findings: [],
      check_version: 1,
    },
    groom: {
      id: G,
      dog: { name: 'Tansy' },
      state: 'open',
      now: '2099-01-01T08:00:00Z',
      steps: [step('bath', []), step('body', ['back', 'chest']), step('finish', [])],
      zones: [zone('back'), zone('chest')],
      timers: [],
      notices: [],
    },
    finish: {},
    clips_title: 'clipped short where it is matted',
    found: [
      ...[0.5, 1].flatMap((s) => [
        found(2, true, s, {}),
        found(2, false, s, { decision: 'clip', clipped: 0 }),
      ]),
      found(4, false, 1, {}),
    ],
    clipped: [
      {
        row: { zone: 'chest', blade: '10', fill_back_on: null },
        planned: { reason: 'forced_by_mat' },
        planned_mm: 1.5,
      },
    ],
    texts: ['loosen it'],
    mat_steps: [
      { work: 'mats_out', after: 'bath', step: step('mats-out', ['chest']) },
      { work: 'mats_clip', after: 'bath', step: step('mats-clip', ['chest']) },
    ],
    minutes: [0, 30, 60].map((matting) => ({
      matting,
      minutes_50: 90 + matting,
      slot_minutes: 100 + matting,
      price_minor: 1,
    })),
    ...more,
  }) as unknown as Prepared

let base: Base
let safe: Safe

beforeEach(async () => {
  ;({ base, safe } = await anew())
})
afterEach(() => base.delete())

const mat = (severity: number, more: object = {}) => ({
  zone: 'chest',
  severity,
  spread: null,
  clearance: null,
  skin: null,
  overrule: null,
  why: '',
  ...more,
})
const does = async (method: string, path: string, body: object = {}) => {
  const act = actFor(method, path)
  if (!act) throw new Error(path)
  const asked = {
    method,
    path,
    query: new URLSearchParams(),
    key: crypto.randomUUID(),
    version: 1,
    photo: null,
  }
  await act(safe, { ...asked, body: body as Record<string, unknown> })
}
const combed = (severity: number) =>
  does('PUT', `/api/arrivals/${A}/comb`, {
    stops_first: null,
    stops_second: null,
    choice: null,
    zones: [mat(severity)],
  })
const signed = (agreed: boolean) =>
  does('POST', `/api/arrivals/${A}/agreement`, { agreed, signed_by: 'Nell', signature: 'M1 1' })
const table = async () => (await safe.read<Groom>(groomPath(G))) as Groom
const chest = async () => (await table()).zones.find((z) => z.zone === 'chest')

describe('what the comb finds', () => {
  it('is what the table says of it; where nobody said more, what is taken then', () => {
    const view = (m: object) =>
      combAway(
        day(),
        day().arrival.comb,
        { stops_first: null, stops_second: null, choice: null, zones: [mat(2, m)] },
        2,
        String,
      )
    expect(view({}).zones[0]).toMatchObject({ decision: 'loosen', minutes: 8 })
    expect(view({ spread: 0.5 }).zones[0]).toMatchObject({ decision: 'loosen', minutes: 4 })
    expect(view({ clearance: false }).zones[0]).toMatchObject({ decision: 'clip', minutes: 8 })
    expect(view({ overrule: 'clip' }).zones[0]?.decision).toBe('clip')
  })

  it('over the limit it says stop, and clips nothing for it', () => {
    const most = day()
    most.arrival.comb.limit_minutes = 5
    const draft = { stops_first: null, stops_second: null, choice: null, zones: [mat(2)] }
    const view = combAway(most, most.arrival.comb, draft, 2, String)
    expect(view.warnings.map((w) => w.code)).toEqual(['stop_at'])
    expect(view.zones[0]?.decision).toBe('loosen')
  })
})

describe('one dog without a signal', () => {
  it('comes to the table with what was found, and waits for the owner', async () => {
    await keepDay(safe, day())
    await does('POST', `/api/dogs/${DOG}/arrivals`)
    await combed(4)
    await does('POST', `/api/dogs/${DOG}/grooms`, { place: null, keep: [] })
    expect((await table()).steps.map((s) => s.key)).toEqual(['bath', 'mats-clip', 'body', 'finish'])
    expect((await table()).steps[2]?.zones).toEqual(['back'])
    expect(await chest()).toMatchObject({ planned: { reason: 'forced_by_mat' }, waits: 'owner' })
    await signed(true)
    expect((await chest())?.waits).toBe('')
    await signed(false)
    expect((await chest())?.waits).toBe('refused')
  })

  it('has in its list what was found with a signal, as the salon makes it, or as the tables do', async () => {
    await keepDay(safe, day())
    await does('POST', `/api/dogs/${DOG}/arrivals`)
    await signed(true)
    await does('POST', `/api/dogs/${DOG}/grooms`, { place: null, keep: [] })
    const path = `/api/arrivals/${A}/comb`
    const comb = combAway(
      day(),
      day().arrival.comb,
      { stops_first: null, stops_second: null, choice: null, zones: [mat(4)] },
      2,
      String,
    )
    await heard(safe, path, comb, () => Promise.reject(new TypeError('It went away again.')))
    expect(await chest()).toMatchObject({ planned: { reason: 'forced_by_mat' }, waits: 'owner' })
    const asked: string[] = []
    await heard(safe, path, comb, <T>(of: string) => {
      asked.push(of)
      return Promise.resolve({ id: G, state: 'open', steps: [], zones: [] } as T)
    })
    expect(asked).toEqual([groomPath(G)])
    expect((await table()).steps).toEqual([])
  })

  it('has a mat that is found at the table in its list as well; what was tapped stays', async () => {
    await keepDay(safe, day())
    await does('POST', `/api/dogs/${DOG}/arrivals`)
    await signed(true)
    await does('POST', `/api/dogs/${DOG}/grooms`, { place: null, keep: [] })
    const done = { id: 't1', at: new Date().toISOString(), saw: 0, kind: 'step', step: 'bath', state: 'done' }
    await does('POST', `/api/grooms/${G}/taps`, { device: 'd', taps: [done] })
    await combed(4)
    const groom = await table()
    expect(groom.steps.map((s) => [s.key, s.state])).toEqual([
      ['bath', 'done'],
      ['mats-clip', 'open'],
      ['body', 'open'],
      ['finish', 'open'],
    ])
    expect(groom.next).toBe('mats-clip')
    expect((await chest())?.waits).toBe('owner')
    // Combed out after all: as it was planned.
    await combed(2)
    expect((await table()).steps.map((s) => s.key)).toEqual(['bath', 'mats-out', 'body', 'finish'])
    expect(await chest()).toMatchObject({ planned: { reason: 'owner_wish' }, waits: '' })
  })

  it('says so where the steps for a mat are not known here', async () => {
    const begun = day({ arrived: true, begun: true, mat_steps: [] })
    await keepDay(safe, begun)
    await safe.write(arrivalPath(A), begun.arrival)
    await safe.write(groomPath(G), begun.groom)
    await combed(4)
    expect((await table()).notices.join()).toContain('the steps for it come when the salon can be asked')
    expect((await chest())?.waits).toBe('owner')
  })
})
