// The one way to the server: what a refusal, a lost connection and an ended session become.
import { describe, expect, it, vi } from 'vitest'
import { json, problem, server } from '../testing'
import { api, ApiError, csrfToken, take, whenSignedOut, writeKey } from './client'

async function refusal(call: Promise<unknown>): Promise<ApiError> {
  const error = await call.then(
    () => null,
    (e: unknown) => e,
  )
  expect(error).toBeInstanceOf(ApiError)
  return error as ApiError
}

describe('the client', () => {
  it('hands out the data of an answer', async () => {
    server({ 'GET /api/kit': { items: [] } })
    expect(await take(api.GET('/api/kit'))).toEqual({ items: [] })
  })

  it('sends the token with writes and not with reads', async () => {
    csrfToken('t-1')
    const asked = server({ 'GET /api/kit': { items: [] }, 'DELETE /api/session': {} })
    await take(api.GET('/api/kit'))
    await take(api.DELETE('/api/session'))
    expect(asked.map((a) => a.headers.get('X-CSRF-Token'))).toEqual([null, 't-1'])
  })

  it('names the fields of a refusal', async () => {
    server({
      'GET /api/kit': () =>
        problem(422, 'Some fields need another look.', {
          errors: [{ field: 'kg', message: 'must be between 0.3 and 120 kg' }],
        }),
    })
    const error = await refusal(take(api.GET('/api/kit')))
    expect([error.status, error.message, error.fields]).toEqual([
      422,
      'Some fields need another look.',
      { kg: 'must be between 0.3 and 120 kg' },
    ])
  })

  it('says plainly that the salon cannot be reached', async () => {
    server({
      'GET /api/kit': () => {
        throw new TypeError('Failed to fetch')
      },
    })
    const error = await refusal(take(api.GET('/api/kit')))
    expect(error.status).toBe(0)
    expect(error.message).toContain('No connection')
  })

  it('does not show what a broken proxy writes', async () => {
    server({
      'GET /api/kit': () =>
        new Response('<html>Bad Gateway</html>', { status: 502, headers: { 'Content-Type': 'text/html' } }),
    })
    const error = await refusal(take(api.GET('/api/kit')))
    expect(error.status).toBe(502)
    expect(error.message).not.toContain('<html>')
  })

  it('tells when the session has ended, but not while somebody signs in', async () => {
    const ended = vi.fn()
    whenSignedOut(ended)
    server({
      'GET /api/kit': () => problem(401, 'Sign in first.'),
      'POST /api/session': () => problem(401, 'Name or password is wrong.'),
    })
    await refusal(take(api.POST('/api/session', { body: { login: 'x', password: 'y' } })))
    expect(ended).not.toHaveBeenCalled()
    await refusal(take(api.GET('/api/kit')))
    expect(ended).toHaveBeenCalledOnce()
  })

  it('makes keys that do not repeat, also without crypto.randomUUID', () => {
    const keys = new Set(Array.from({ length: 200 }, writeKey))
    vi.stubGlobal('crypto', { getRandomValues: <T extends Uint8Array>(bytes: T) => bytes.fill(7) })
    expect(keys.size).toBe(200)
    expect(writeKey()).toBe('07'.repeat(16))
  })
})

it('a 201 is an answer too', async () => {
  server({ 'POST /api/session': () => json({ name: 'Tove' }, 201) })
  expect(await take(api.POST('/api/session', { body: { login: 'x', password: 'y' } }))).toEqual({
    name: 'Tove',
  })
})
