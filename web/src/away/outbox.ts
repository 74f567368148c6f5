// What was done without a signal, sent in the order in which it was done, each once. The one engine for it:
// a refusal is kept and said, a lost connection tries again, and nothing goes out in another's name.
import type { Entry, Safe } from './safe'
import { inTurn, lockManager } from './turn'

export type Post = Entry & { n: number }
export type Stopped = 'sent' | 'away' | 'signin' | 'busy'
export interface Answer {
  status: number
  body: unknown
}
export interface Wire {
  /** who is signed in at the salon now; null: nobody. @throws without a connection */
  who: () => Promise<string | null>
  /** sends one; key: its Idempotency-Key, ago: seconds since it was done. @throws without a connection */
  send: (entry: Post, key: string, ago: number) => Promise<Answer>
}
export interface Told {
  answered: (entry: Post, body: unknown) => Promise<void>
  /** what to send instead; null: it stays refused */
  refused: (entry: Post, answer: Answer) => Promise<Entry | null>
}

const LATER = [0, 408, 425, 429, 502, 503, 504]
/** How often the salon may fail over one thing before that is set aside for what is behind it. */
const MOST_FAILURES = 3
const ALIASES = 'aliases'
/** In one request. */
const MOST_TAPS = 200
const puts = (safe: Safe) => `kt-put-${safe.who.id}`
const isTaps = (e: Entry) => e.path.endsWith('/taps')

/** Ids that the salon has given instead of those that were given here. */
export async function rename(safe: Safe, from: string, to: string): Promise<void> {
  if (from !== to) await safe.amend<object>(ALIASES, (was) => ({ ...was, [from]: to }))
}

function named<T>(value: T, aliases: Record<string, string>): T {
  let text = JSON.stringify(value)
  for (const [from, to] of Object.entries(aliases)) text = text.replaceAll(from, to)
  return JSON.parse(text) as T
}

/** Sends what waits, one after the other, until all of it is there or something stands in the way. */
export async function flush(safe: Safe, wire: Wire, told: Told): Promise<Stopped> {
  const alone = async (): Promise<Stopped> => {
    try {
      const who = (await safe.count()) === 0 ? safe.who.id : await wire.who()
      if (who !== safe.who.id) return 'signin'
      for (;;) {
        // Read anew each time: another tab may have sent one, a tap may have come to the last.
        const next = await inTurn(puts(safe), () => take(safe))
        if (!next) return 'sent'
        const stop = await one(safe, wire, told, next)
        if (stop) return stop
      }
    } catch (e) {
      if (e instanceof TypeError || (e instanceof Error && e.name === 'ApiError')) return 'away'
      throw e
    }
  }
  // Two tabs of one person are one sender.
  const locks = lockManager()
  return locks
    ? locks.request(`kt-out-${safe.who.id}`, { ifAvailable: true }, (lock) => (lock ? alone() : 'busy'))
    : alone()
}

/** The first that is not refused, marked as on its way: from now on nothing is put into it. */
async function take(safe: Safe): Promise<Post | null> {
  const next = await safe.first()
  if (next && !next.tried) await safe.change({ ...next, tried: true })
  return next
}

async function one(safe: Safe, wire: Wire, told: Told, entry: Post): Promise<Stopped | null> {
  const as = named(entry, (await safe.read<Record<string, string>>(ALIASES)) ?? {})
  const ago = Math.max(0, Math.round((Date.now() - Date.parse(entry.at)) / 1000))
  // A batch of taps says when it is sent: another wish each time; each tap counts once by itself.
  const key = isTaps(entry) ? crypto.randomUUID() : entry.id
  const answer = await wire.send(as, key, ago)
  if (answer.status === 401) return 'signin'
  if (LATER.includes(answer.status)) return 'away'
  const failed = (entry.failed ?? 0) + 1
  if (answer.status === 500 && failed < MOST_FAILURES) {
    await safe.change({ ...entry, tried: true, failed })
    return 'away'
  }
  if (answer.status < 300) {
    await told.answered(as, answer.body)
    await safe.done(entry.n)
    if (entry.file) await safe.dropFile(entry.file.key)
    return null
  }
  const problem = (answer.body ?? {}) as { title?: string; errors?: { field: string; message: string }[] }
  if (answer.status === 409 && problem.title?.includes('Idempotency-Key')) {
    // It had come through when it was done, and only the answer had not.
    await safe.done(entry.n)
    return null
  }
  const instead = await told.refused(as, answer)
  await safe.change({
    ...(instead ?? as),
    n: entry.n,
    failed: undefined,
    refused: instead
      ? undefined
      : {
          status: answer.status,
          message: [problem.title, ...(problem.errors ?? []).map((e) => `${e.field} ${e.message}`)]
            .filter(Boolean)
            .join(' '),
          theirs: answer.body,
        },
  })
  return null
}

/**
 * Keeps an entry; what says the same thing anew takes the place of the one that still waits and was not tried
 * yet: a comb test that goes on, taps of the same groom. Answers whether it did.
 */
export function put(safe: Safe, entry: Entry): Promise<boolean> {
  return inTurn(puts(safe), async () => {
    const last = await safe.last()
    const same =
      last && !last.refused && !last.tried && last.path === entry.path && last.method === entry.method
    if (same && isTaps(entry) && taps(last).length + taps(entry).length <= MOST_TAPS) {
      await safe.change({
        ...last,
        body: { ...(last.body as object), taps: [...taps(last), ...taps(entry)] },
      })
      return true
    }
    if (same && entry.method === 'PUT') {
      const shown = entry.shown && {
        ...entry.shown,
        base: (last.shown as { base?: unknown })?.base,
      }
      await safe.change({ ...entry, shown, n: last.n, id: last.id, version: last.version })
      return true
    }
    await safe.add(entry)
    return false
  })
}

function taps(e: Entry): unknown[] {
  const given = (e.body as { taps?: unknown }).taps
  return Array.isArray(given) ? given : []
}
