// Random days without a signal, with the shipped outbox over a pretended store, against a salon that is running:
// requests that never arrive, answers that never come, restarts, two devices of one person. Nothing may be lost,
// nothing be there twice. KT_SALON, KT_LOGINS, KT_DAYS.
import 'fake-indexeddb/auto'
import { readFileSync } from 'node:fs'
import { expect, it } from 'vitest'

const { KT_SALON = '', KT_LOGINS = '', KT_DAYS = '10', KT_PHOTO = '', KT_SEED = '1' } = process.env
const LOGINS = KT_LOGINS.split(' ')
Object.assign(globalThis, { location: { origin: KT_SALON } })
const { actFor } = await import('../src/away/answers')
const { keepDay } = await import('../src/away/asked')
const { Base } = await import('../src/away/base')
const { makeSafe, openBySalon } = await import('../src/away/keys')
const { flush } = await import('../src/away/outbox')
const { toldOf, wireOf } = await import('../src/away/wire')
type Prepared = Parameters<typeof keepDay>[1]
type Safe = Awaited<ReturnType<typeof makeSafe>>

let seed = Number(KT_SEED)
const chance = () => {
  seed = (Math.imul(seed, 1664525) + 1013904223) >>> 0
  return seed / 2 ** 32
}
const pick = <T>(all: T[]): T => all[Math.floor(chance() * all.length)] as T

const real = globalThis.fetch
let cookie = ''
let stormy = false
const told = { sent: 0, never: 0, mute: 0, days: 0 }
globalThis.fetch = async (input, init) => {
  const request = new Request(input, init)
  request.headers.set('Cookie', cookie)
  const writes = request.method !== 'GET'
  if (stormy && chance() < 0.12) {
    told.never++
    throw new TypeError('never arrived')
  }
  const response = await real(request)
  if (writes) told.sent++
  for (const set of response.headers.getSetCookie()) cookie = set.split(';')[0] ?? ''
  if (stormy && writes && chance() < 0.12) {
    told.mute++
    throw new TypeError('the answer never came')
  }
  return response
}

async function get<T>(path: string): Promise<T> {
  const response = await fetch(`${KT_SALON}${path}`)
  if (!response.ok) throw new Error(`${path}: ${response.status} ${await response.text()}`)
  return (await response.json()) as T
}

interface Me {
  id: string
  name: string
  salon: string
}
const photo = KT_PHOTO ? new Blob([readFileSync(KT_PHOTO)], { type: 'image/jpeg' }) : null
let stores = 0

class Phone {
  private constructor(
    private readonly base: InstanceType<typeof Base>,
    private readonly me: Me,
    private readonly key: string,
    private safe: Safe,
  ) {}

  static async with(me: Me, key: string, day: Prepared): Promise<Phone> {
    const base = new Base(`phone-${stores++}`)
    const safe = await makeSafe(base, me, '7350', key)
    await safe.write('/api/session', me)
    await keepDay(safe, day)
    return new Phone(base, me, key, safe)
  }

  async restart(): Promise<void> {
    const again = await openBySalon(this.base, this.me.id, this.key)
    if (!again) throw new Error('The safe did not open again.')
    this.safe = again
  }

  async does(method: string, path: string, body: object, more: object = {}): Promise<{ id: string }> {
    const act = actFor(method, path)
    if (!act) throw new Error(`${method} ${path} cannot be done here.`)
    const key = crypto.randomUUID()
    const asked = { method, path, query: new URLSearchParams(), key, version: undefined, body, photo: null }
    return (await act(this.safe, { ...asked, ...more } as never)).body as { id: string }
  }

  async read<T>(path: string): Promise<T> {
    return (await this.safe.read(path)) as T
  }

  /** Until all of it is there; answers what was refused. */
  async send(storms = true): Promise<string[]> {
    for (let i = 0; i < 200; i++) {
      stormy = storms && i < 20
      const how = await flush(this.safe, wireOf(this.safe), toldOf(this.safe))
      stormy = false
      if (how === 'sent') break
      if (chance() < 0.1) await this.restart()
    }
    const left = await this.safe.waiting()
    return left.map((e) => `${e.what}: ${e.refused?.message ?? 'never sent'}`)
  }

  async real(id: string): Promise<string> {
    return (await this.safe.read<Record<string, string>>('aliases'))?.[id] ?? id
  }

  async close(): Promise<void> {
    await this.base.delete()
  }
}

interface Arrival {
  comb: { zones: { zone: string; severity: number }[]; version: number }
  check_version: number
  agreements: unknown[]
  photos: unknown[]
}
interface Groom {
  state: string
  visit: string | null
  notes: { text: string }[]
}
const ZONES = ['back', 'loin', 'chest', 'rump', 'nape', 'skull', 'belly', 'armpit_left', 'thigh_left']

/** One dog's day, on one device or two. Answers what is wrong with it. */
async function day(me: Me, key: string, first: Prepared): Promise<string[]> {
  const { dog } = first
  const phones = [await Phone.with(me, key, first)]
  if (chance() < 0.2) phones.push(await Phone.with(me, key, await get<Prepared>(`/api/dogs/${dog}/away`)))
  const found: Record<string, number> = {}
  const notes: string[] = []
  const byPhone: string[][] = []
  const ids: [string, string][] = []
  let signed = 0
  let photos = 0
  for (const [n, phone] of phones.entries()) {
    const { id } = await phone.does('POST', `/api/dogs/${dog}/arrivals`, {})
    const places = ZONES.filter((_, i) => phones.length === 1 || i % 2 === n)
    for (let i = Math.floor(chance() * 4); i > 0; i--) {
      found[pick(places)] = Math.floor(chance() * 5)
      const zones = places
        .filter((z) => found[z] !== undefined)
        .map((zone) => ({
          zone,
          severity: found[zone],
          spread: 0.5,
          clearance: null,
          skin: null,
          overrule: null,
          why: '',
        }))
      await phone.does('PUT', `/api/arrivals/${id}/comb`, {
        stops_first: null,
        stops_second: null,
        zones,
        choice: null,
      })
      if (chance() < 0.2) await phone.restart()
    }
    if (n === 0 && chance() < 0.5)
      await phone.does('PUT', `/api/arrivals/${id}/check`, { note: `day ${dog}` })
    if (n === 0 && chance() < 0.6) {
      const a = await phone.read<Arrival>(`/api/arrivals/${id}`)
      await phone.does('POST', `/api/arrivals/${id}/agreement`, {
        agreed: true,
        signed_by: 'Nell',
        signature: 'M10 10L50 60L90 20',
        comb_version: a.comb.version,
        check_version: a.check_version,
      })
      signed++
    }
    if (photo && chance() < 0.3) {
      await phone.does('POST', `/api/arrivals/${id}/photos`, { zone: 'whole', moment: 'before' }, { photo })
      photos++
    }
    const groom = (await phone.does('POST', `/api/dogs/${dog}/grooms`, { place: null, keep: [] })).id
    for (let i = Math.floor(chance() * 12); i > 0; i--) {
      const text = `note ${crypto.randomUUID()}`
      notes.push(text)
      ;(byPhone[n] ??= []).push(text)
      const tap = {
        id: crypto.randomUUID(),
        at: new Date().toISOString(),
        saw: 0,
        by: me.id,
        kind: 'note',
        text,
      }
      await phone.does('POST', `/api/grooms/${groom}/taps`, { device: `phone-${n}`, taps: [tap] })
      if (chance() < 0.1) await phone.restart()
    }
    ids.push([id, groom])
  }
  const closes = chance() < 0.7
  const wrong: string[] = []
  const [mine] = phones as [Phone]
  const [arrivalId, groomId] = ids[0] as [string, string]
  const form = { kind: null, note: '', next: [], message: null }
  const early = closes && phones.length > 1 && chance() < 0.5
  if (early) {
    // Both have closed it before either is heard of: one visit, and the other is told so. Seconds are what the salon
    // counts in.
    await new Promise((done) => setTimeout(done, 2000))
    for (const [n, phone] of phones.entries())
      await phone.does('POST', `/api/grooms/${ids[n]?.[1]}/close`, form)
    const [one, two] = [await mine.send(), await (phones[1] as Phone).send()]
    wrong.push(...one, ...two.filter((w) => !w.includes('nothing was recorded twice')))
    if (two.length !== 1) wrong.push(`closed twice: ${two.length} refusals`)
  } else {
    for (const phone of phones) wrong.push(...(await phone.send()))
    if (closes) {
      await mine.does('POST', `/api/grooms/${groomId}/close`, form)
      wrong.push(...(await mine.send()))
    }
  }
  const arrival = await get<Arrival>(`/api/arrivals/${await mine.real(arrivalId)}`)
  const groom = await get<Groom>(`/api/grooms/${await mine.real(groomId)}`)
  const combed = Object.fromEntries(arrival.comb.zones.map((z) => [z.zone, z.severity]))
  for (const [zone, severity] of Object.entries(found))
    if (combed[zone] !== severity) wrong.push(`lost: ${zone} is ${combed[zone]}, not ${severity}`)
  if (arrival.agreements.length !== signed) wrong.push(`${arrival.agreements.length} signed, not ${signed}`)
  if (arrival.photos.length !== photos) wrong.push(`${arrival.photos.length} photos, not ${photos}`)
  // What the second device noted came in after the first had closed: in the log, said there, and not in the record.
  const inRecord = early ? (byPhone[0] ?? []) : notes
  for (const text of inRecord) {
    const times = groom.notes.filter((n) => n.text === text).length
    if (times !== 1) wrong.push(`${times === 0 ? 'lost' : 'doubled'}: ${text}`)
  }
  if (groom.notes.length !== inRecord.length)
    wrong.push(`${groom.notes.length} notes, not ${inRecord.length}`)
  if (early) {
    const late = ((await (phones[1] as Phone).read<{ here: string }[]>('differences')) ?? []).map((d) =>
      Number(d.here),
    )
    const said = late.reduce((a, b) => a + b, 0)
    if (said !== (byPhone[1] ?? []).length)
      wrong.push(`lost: ${said} late taps said, not ${byPhone[1]?.length}`)
  }
  if (closes !== (groom.visit !== null)) wrong.push(closes ? 'lost: the visit' : 'a visit nobody closed')
  for (const phone of phones) await phone.close()
  told.days++
  return wrong
}

async function signIn(login: string): Promise<{ me: Me; key: string }> {
  const session = await real(`${KT_SALON}/api/session`, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify({ login, password: 'thistle-demo' }),
  })
  if (!session.ok) throw new Error(`${login} is not let in: ${session.status}`)
  cookie = (session.headers.getSetCookie().at(-1) ?? '').split(';')[0] ?? ''
  const me = (await session.json()) as Me
  const { key } = await get<{ key: string }>('/api/away')
  return { me, key }
}

/** Dogs that have not come today: one that has would begin with what it had then. */
async function* toCome(): AsyncGenerator<Prepared, undefined> {
  let next: string | null = ''
  while (next !== null) {
    const page: { dogs: { id: string }[]; next: string | null } = await get(
      `/api/dogs${next ? `?cursor=${encodeURIComponent(next)}` : ''}`,
    )
    for (const { id } of page.dogs) {
      const day = await get<Prepared>(`/api/dogs/${id}/away`)
      if (!day.arrived) yield day
    }
    next = page.next
  }
}

it('sends 500 taps and 20 photos', async () => {
  const { me, key } = await signIn(LOGINS[0] ?? '')
  const { value } = await toCome().next()
  if (!value) throw new Error('All dogs of the salon have come today.')
  const { dog } = value
  const phone = await Phone.with(me, key, value)
  const { id } = await phone.does('POST', `/api/dogs/${dog}/arrivals`, {})
  const groom = (await phone.does('POST', `/api/dogs/${dog}/grooms`, { place: null, keep: [] })).id
  for (let i = 0; i < 500; i++) {
    const tap = {
      id: crypto.randomUUID(),
      at: new Date().toISOString(),
      saw: 0,
      kind: 'note',
      text: `tap ${i}`,
    }
    await phone.does('POST', `/api/grooms/${groom}/taps`, { device: 'phone-0', taps: [tap] })
  }
  for (let i = 0; i < 20; i++)
    await phone.does('POST', `/api/arrivals/${id}/photos`, { zone: 'whole', moment: 'after' }, { photo })
  const began = performance.now()
  const wrong = await phone.send(false)
  console.log(`an outbox of 500 taps and 20 photos: sent in ${Math.round(performance.now() - began)} ms`)
  expect(wrong).toEqual([])
  const arrival = await get<Arrival>(`/api/arrivals/${await phone.real(id)}`)
  expect(arrival.photos.length).toBeGreaterThanOrEqual(20)
})

it('loses nothing and doubles nothing', async () => {
  const wrong: string[] = []
  const began = performance.now()
  // Each dog once on a day: where all of a salon have come, the next salon's.
  try {
    for (const login of LOGINS) {
      const { me, key } = await signIn(login)
      for await (const next of toCome()) {
        if (told.days >= Number(KT_DAYS)) break
        wrong.push(...(await day(me, key, next)).map((w) => `${next.dog} ${w}`))
      }
    }
  } finally {
    // Also where it ends early: what was played was played.
    const lost = wrong.filter((w) => !w.includes('doubled')).length
    console.log(
      `${told.days} days without a signal: lost ${lost}, doubled ${wrong.length - lost}; ${told.sent} writes came, ` +
        `${told.never} never arrived, ${told.mute} answers never came; ` +
        `${Math.round((performance.now() - began) / told.days)} ms a day`,
    )
  }
  expect(wrong).toEqual([])
  expect(told.days).toBe(Number(KT_DAYS))
})
