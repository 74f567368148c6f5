// How what waits goes to the salon: with the token of whoever is signed in, and how long ago it was done.
import { csrfToken, type Schemas } from '../app/client'
import { noteDifference } from './differences'
import { mendComb } from './mend'
import { rename, type Post, type Told, type Wire } from './outbox'
import type { Safe } from './safe'

export function wireOf(safe: Safe): Wire {
  // Another person here gets another token, and the salon refuses this one: nothing goes out in their name.
  let token = ''
  const who = async () => {
    const response = await globalThis.fetch(new Request(new URL('/api/session', location.origin)))
    if (response.status === 401) return null
    if (!response.ok) throw new TypeError('The salon does not answer.')
    const session = (await response.json()) as Schemas['SessionView']
    token = session.csrf
    if (session.id === safe.who.id) csrfToken(token)
    return session.id
  }
  const once = async (post: Post, key: string, ago: number) => {
    const headers: Record<string, string> = {
      'X-CSRF-Token': token,
      'Idempotency-Key': key,
      'Done-Ago': String(ago),
      ...(post.version === undefined ? {} : { 'If-Match': `"${post.version}"` }),
    }
    const body = await bodyOf(safe, post)
    if (typeof body === 'string') headers['Content-Type'] = 'application/json'
    const response = await globalThis.fetch(
      new Request(new URL(post.path, location.origin), { method: post.method, headers, body }),
    )
    return { status: response.status, body: (await response.json().catch(() => null)) as unknown }
  }
  return {
    who,
    send: async (post, key, ago) => {
      const used = token
      const answer = await once(post, key, ago)
      if (answer.status !== 403) return answer
      if ((await who()) !== safe.who.id) return { status: 401, body: null }
      return token === used ? answer : once(post, key, ago)
    },
  }
}

/** An id that the salon has given is taken over; where it reckons otherwise, that is noted. */
export function toldOf(safe: Safe): Told {
  return {
    answered: async (post, body) => {
      const shown = post.shown as { arrival?: string; groom?: string } | undefined
      const id = (body as { id?: string } | null)?.id
      if (id && shown?.arrival) await rename(safe, shown.arrival, id)
      if (id && shown?.groom) await rename(safe, shown.groom, id)
      await noteDifference(safe, post, body)
    },
    refused: (post, refusal) => Promise.resolve(mendComb(post, refusal)),
  }
}

async function bodyOf(safe: Safe, post: Post): Promise<BodyInit | null> {
  if (post.file) {
    const form = new FormData()
    for (const [name, value] of Object.entries(post.file.fields)) form.set(name, value)
    const photo = await safe.file(post.file.key)
    if (photo) form.set('photo', photo, 'photo.jpg')
    return form
  }
  if (post.path.endsWith('/taps'))
    return JSON.stringify({ ...(post.body as object), sent_at: new Date().toISOString() })
  return post.body === undefined ? null : JSON.stringify(post.body)
}
