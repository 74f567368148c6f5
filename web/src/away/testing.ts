// What tests of the device share: a safe that is new each time, entries, a salon until it is cut.
import { Base } from './base'
import { makeSafe } from './keys'
import type { Answer, Post, Told, Wire } from './outbox'
import type { Entry, Safe } from './safe'

export const ME = { id: 's1', name: 'Idris Fenwater', salon: 'The Salon' }
export const HANDED = btoa('k'.repeat(32))
let n = 0

export async function anew(): Promise<{ base: Base; safe: Safe }> {
  const base = new Base(`away-${n++}`)
  return { base, safe: await makeSafe(base, ME, '7350', HANDED) }
}

export const entry = (id: string, more: Partial<Entry> = {}): Entry => ({
  id,
  method: 'POST',
  path: `/api/dogs/${id}/arrivals`,
  body: { id },
  at: new Date(Date.now() - 3_600_000).toISOString(),
  what: 'arrived',
  dog: 'Tansy',
  ...more,
})
export const told: Told = { answered: () => Promise.resolve(), refused: () => Promise.resolve(null) }

/** A salon that is there, until it is cut. */
export function salon(answer: (post: Post) => Answer | 'cut' = () => ({ status: 200, body: {} })) {
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
