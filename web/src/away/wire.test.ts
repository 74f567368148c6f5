// What goes out in whose name, where the person changes in the middle of it.
// @vitest-environment happy-dom
import 'fake-indexeddb/auto'
import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import type { Base } from './base'
import { flush, put } from './outbox'
import type { Safe } from './safe'
import { anew, entry, told } from './testing'
import { wireOf } from './wire'

let base: Base
let safe: Safe
/** who is signed in at the salon, by their token */
let signedIn: { id: string; csrf: string }
const got: string[] = []
const json = (body: object, status = 200) => new Response(JSON.stringify(body), { status })

beforeEach(async () => {
  ;({ base, safe } = await anew())
  signedIn = { id: safe.who.id, csrf: 'mine' }
  got.length = 0
})
afterEach(async () => {
  vi.unstubAllGlobals()
  await base.delete()
})

/** after: what happens once so many things have come. */
function salon(after: (came: number) => void = () => {}) {
  vi.stubGlobal('fetch', (request: Request) => {
    const { pathname } = new URL(request.url)
    if (pathname === '/api/session') return Promise.resolve(json(signedIn))
    if (request.headers.get('X-CSRF-Token') !== signedIn.csrf)
      return Promise.resolve(json({ title: 'old' }, 403))
    if (pathname.includes('forbidden')) return Promise.resolve(json({ title: 'not yours' }, 403))
    got.push(`${signedIn.id} ${pathname}`)
    after(got.length)
    return Promise.resolve(json({}))
  })
}
const send = () => flush(safe, wireOf(safe), told)

it('sends nothing in the name of who signs in meanwhile, and all of it once its person is back', async () => {
  salon((came) => {
    if (came === 1) signedIn = { id: 's2', csrf: 'theirs' }
  })
  await put(safe, entry('a'))
  await put(safe, entry('b'))
  expect(await send()).toBe('signin')
  expect(got).toEqual(['s1 /api/dogs/a/arrivals'])
  expect([await safe.count(), await safe.refused()]).toEqual([1, 0])
  signedIn = { id: safe.who.id, csrf: 'mine' }
  expect(await send()).toBe('sent')
  expect(got).toEqual(['s1 /api/dogs/a/arrivals', 's1 /api/dogs/b/arrivals'])
})

it('goes on under a new token of the same person, and keeps what is really forbidden', async () => {
  salon((came) => {
    if (came === 1) signedIn = { id: safe.who.id, csrf: 'renewed' }
  })
  await put(safe, entry('a'))
  await put(safe, entry('b'))
  await put(safe, entry('forbidden'))
  expect(await send()).toBe('sent')
  expect(got).toEqual(['s1 /api/dogs/a/arrivals', 's1 /api/dogs/b/arrivals'])
  expect((await safe.waiting()).map((p) => p.refused?.message)).toEqual(['not yours'])
})
