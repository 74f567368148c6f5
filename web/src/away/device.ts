// This device and the salon: what is asked goes to the salon while there is a connection and to what is kept
// here while there is none; what was done here goes out in its order when the salon answers again.
import { ApiError, csrfToken, takeRoad, type Schemas } from '../app/client'
import { keptHere, type KeptDevice } from '../app/keptHere'
import { holdShell } from '../app/update'
import { actFor } from './answers'
import { markChanged } from './asked'
import { Base } from './base'
import { countedUp } from './countedUp'
import type { Difference } from './differences'
import { heard, underOurId } from './heard'
import { beginKey, eraseSent, makeSafe, openByPin, openBySalon, wrapAnew, type Opened } from './keys'
import { flush, type Post } from './outbox'
import { keptDays, pack } from './pack'
import { readThrough } from './reads'
import { answer, ask, askedOf, AWAY, inTime, isFull, notKept, renamed, wrongPin } from './requests'
import type { Safe } from './safe'
import { toldOf, wireOf } from './wire'

const WRITE_MS = 10_000
const AGAIN_MS = 5000
const SOON_MS = 300
const PACK_MS = 600_000

type Session = Schemas['SessionView']

class Device implements KeptDevice {
  readonly holdShell = holdShell
  private safe: Safe | null = null
  private again: ReturnType<typeof setTimeout> | undefined
  private packed = 0
  private packing = false
  private hearing = Promise.resolve()

  constructor(readonly base: Base) {}

  async begin(): Promise<void> {
    await this.tell()
    takeRoad((request) => this.road(request))
    addEventListener('online', () => void this.send())
  }

  /** From now on this person's days are kept here. @throws ApiError where that is not their PIN */
  async keep(session: Session, pin: string): Promise<void> {
    const handed = await ask<Schemas['AwayView']>('/api/away')
    if (!handed) return
    await navigator.storage?.persist?.().catch(() => false)
    const who = { id: session.id, name: session.name, salon: session.salon }
    this.safe = await makeSafe(this.base, who, pin, handed.key)
    keptHere.mark(true)
    void this.holdShell()
    await this.safe.write('/api/session', session)
    await this.pack()
    await this.tell()
  }

  /** The key of a PIN is slow: it is begun while somebody still types. */
  typed(id: string, pin: string): void {
    void beginKey(this.base, id, pin).catch(() => {})
  }

  async unlock(id: string, pin: string): Promise<Opened> {
    const opened = await openByPin(this.base, id, pin)
    if ('safe' in opened) {
      this.safe = opened.safe
      keptHere.set({ open: id })
    }
    // Whoever waits for their day does not wait for what is counted besides.
    void this.tell()
    return opened
  }

  /** Out of sight; what waits stays. */
  async lock(): Promise<void> {
    this.safe = null
    await this.tell()
  }

  /** Signing out: what is here is erased once it is sent; else it stays, sealed. Answers what waits. */
  async leave(): Promise<number> {
    if (!this.safe) return 0
    await this.send()
    const left = await this.forget(this.safe.who.id)
    if (left > 0) await this.lock()
    return left
  }

  /** Everything of a person, unless something waits. Answers how much waits. */
  async forget(id: string): Promise<number> {
    const left = await eraseSent(this.base, id)
    if (left > 0) return left
    if (this.safe?.who.id === id) this.safe = null
    if ((await this.base.people.count()) === 0) keptHere.mark(false)
    await this.tell()
    return 0
  }

  /** The dogs of the week as they are kept, by day. */
  async days(): ReturnType<KeptDevice['days']> {
    return this.safe ? keptDays(this.safe) : []
  }

  async waiting(): Promise<Post[]> {
    return (await this.safe?.waiting()) ?? []
  }

  async differences(): Promise<Difference[]> {
    return (await this.safe?.read<Difference[]>('differences')) ?? []
  }

  async seen(id: string): Promise<void> {
    await this.safe?.amend<Difference[]>('differences', (was) => (was ?? []).filter((d) => d.id !== id))
    await this.tell()
  }

  async picture(id: string): Promise<Blob | null> {
    return (await this.safe?.file(id)) ?? null
  }

  /** A refused one once more, as it is or with another body; or not at all. */
  async settle(post: Post, what: 'again' | 'drop', changed: Partial<Post> = {}): Promise<void> {
    if (!this.safe) return
    if (what === 'drop') {
      await this.safe.done(post.n)
      if (post.file) await this.safe.dropFile(post.file.key)
    } else
      await this.safe.change({
        ...post,
        ...changed,
        id: crypto.randomUUID(),
        tried: undefined,
        failed: undefined,
        refused: undefined,
      })
    await this.tell()
    await this.send()
  }

  /** Sends what waits, in its order. */
  async send(): Promise<void> {
    const { safe } = this
    if (!safe) return
    clearTimeout(this.again)
    const before = await safe.count()
    const stopped = await flush(safe, wireOf(safe), toldOf(safe))
    if (this.safe !== safe || stopped === 'busy') return
    keptHere.set({ away: stopped === 'away', signin: stopped === 'signin' })
    if (stopped === 'sent') await this.settled(safe, before > 0)
    await this.tell()
    if (stopped === 'away') this.again = setTimeout(() => void this.send(), AGAIN_MS)
  }

  /** All is there: what is kept is fetched as the salon has it now. */
  private async settled(safe: Safe, something: boolean): Promise<void> {
    if ((await safe.count()) > 0) return
    await safe.drop('changed')
    if (something || Date.now() - this.packed > PACK_MS) void this.pack()
  }

  /** What the salon is asked with, while there may be none. */
  private async road(request: Request): Promise<Response> {
    const url = new URL(request.url)
    const path = url.pathname
    if (path === '/api/session' && request.method === 'DELETE') {
      await this.leave()
      return globalThis.fetch(request)
    }
    if (path === '/api/session/person') return this.person(request)
    if (request.method === 'GET') return this.read(await renamed(this.safe, request))
    const act = this.safe && actFor(request.method, path)
    if (!act) {
      const response = await globalThis.fetch(request.clone())
      if (response.ok && path === '/api/session') await this.adopt(response)
      if (response.ok && path === '/api/me/pin') await this.newPin(request)
      return response
    }
    return this.write(await renamed(this.safe, request), act)
  }

  private async write(request: Request, act: NonNullable<ReturnType<typeof actFor>>): Promise<Response> {
    const { safe } = this
    if (!safe) return globalThis.fetch(request)
    if ((await safe.count()) === (await safe.refused())) {
      try {
        const response = await inTime(await underOurId(safe, request.clone()), WRITE_MS)
        if (response.ok) this.hear(safe, request, response.clone())
        if (!AWAY.includes(response.status)) return response
      } catch {
        // Kept below, under the same key: had it come through, it is done once.
      }
    }
    await this.hearing
    try {
      const { status, body } = await act(safe, await askedOf(request))
      keptHere.set({ full: false })
      await markChanged(safe, new URL(request.url).pathname)
      await this.tell()
      clearTimeout(this.again)
      this.again = setTimeout(() => void this.send(), SOON_MS)
      return answer(body, status)
    } catch (e) {
      keptHere.set({ full: isFull(e) })
      if (e instanceof TypeError) throw e
      await this.tell().catch(() => {})
      return notKept(e)
    }
  }

  /** One answer after the other; the screen does not wait for it. */
  private hear(safe: Safe, request: Request, response: Response): void {
    this.hearing = this.hearing
      .then(async () => heard(safe, new URL(request.url).pathname, await response.json(), ask))
      // Not kept: the store is full, or the salon went away. The salon has it.
      .catch(() => {})
  }

  private async read(request: Request): Promise<Response> {
    const { response, from } = await readThrough(this.safe, request, keptHere.state.away)
    if (from === 'device') keptHere.set({ away: true })
    if (from === 'salon' && response.ok) {
      if (keptHere.state.away) void this.send()
      if (new URL(request.url).pathname === '/api/session') await this.adopt(response)
    }
    return response
  }

  /** Another person here: the salon says so, or without it the PIN of one who has something here. */
  private async person(request: Request): Promise<Response> {
    const asked = (await request.clone().json()) as { staff: string; pin: string }
    try {
      const response = await inTime(request.clone(), WRITE_MS)
      if (response.ok) await this.adopt(response)
      if (!AWAY.includes(response.status)) return response
    } catch {
      // Without a signal.
    }
    const opened = await this.unlock(asked.staff, asked.pin)
    if ('safe' in opened) return answer(await opened.safe.read('/api/session'))
    return wrongPin('locked' in opened)
  }

  private async adopt(response: Response): Promise<void> {
    const session = (await response.clone().json()) as Session
    if (this.safe?.who.id !== session.id) {
      this.safe = null
      if (await this.base.people.get(session.id)) {
        csrfToken(session.csrf)
        const handed = await ask<Schemas['AwayView']>('/api/away').catch(() => null)
        this.safe = handed && (await openBySalon(this.base, session.id, handed.key))
      }
    }
    await this.safe?.write('/api/session', session).catch(() => {})
    await this.tell()
    if (this.safe) void this.send()
  }

  private async newPin(request: Request): Promise<void> {
    const { pin } = (await request.clone().json()) as { pin?: unknown }
    const handed = await ask<Schemas['AwayView']>('/api/away').catch(() => null)
    if (this.safe && handed && typeof pin === 'string')
      await wrapAnew(this.base, this.safe.who.id, pin, handed.key)
  }

  /** Fetches what a day without a signal needs. */
  async pack(): Promise<void> {
    const { safe } = this
    if (!safe || this.packing) return
    this.packing = true
    try {
      await pack(safe, async (path) => {
        const said = await ask(path)
        // What is said to another person is nothing for this one's safe.
        if (this.safe !== safe) throw new TypeError('Somebody else is here.')
        return said as never
      })
      this.packed = Date.now()
    } catch (e) {
      if (!(e instanceof TypeError || e instanceof ApiError)) throw e
    } finally {
      this.packing = false
    }
  }

  private async tell(): Promise<void> {
    const people = await this.base.people.toArray()
    if (this.safe && !people.some((p) => p.id === this.safe?.who.id)) this.safe = null
    keptHere.set(await countedUp(people, this.safe))
  }
}

export async function startDevice(): Promise<KeptDevice> {
  const device = new Device(new Base())
  await device.begin()
  return device
}
