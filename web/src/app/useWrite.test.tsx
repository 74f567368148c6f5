// A write is the same one while the same thing is sent, another one when something else is or it was done.
import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { act, renderHook, waitFor } from '@testing-library/react'
import type { ReactNode } from 'react'
import { describe, expect, it } from 'vitest'
import { json, problem, server } from '../testing'
import { api, take } from './client'
import { ifMatch, useWrite } from './useWrite'

function writing(answers: (() => Response | Promise<Response>)[]) {
  const asked = server({ 'PUT /api/patterns/p1': () => (answers.shift() ?? (() => json({})))() })
  const cache = new QueryClient()
  const wrapper = ({ children }: { children: ReactNode }) => (
    <QueryClientProvider client={cache}>{children}</QueryClientProvider>
  )
  const { result } = renderHook(
    () =>
      useWrite({
        send: (name: string, write) =>
          take(
            api.PUT('/api/patterns/{id}', {
              params: { path: { id: 'p1' }, header: { ...ifMatch(3), ...write } },
              body: { name, line: 'back: 10', note: '', spread: [] },
            }),
          ),
      }),
    { wrapper },
  )
  const send = async (what: string) => {
    act(() => result.current.mutate(what))
    await waitFor(() => expect(result.current.isPending).toBe(false))
  }
  return { result, send, keys: () => asked.map((a) => a.headers.get('Idempotency-Key')), asked }
}
const gone = () => Promise.reject(new TypeError('no network'))

describe('a write', () => {
  it('has the same key when it is sent again, another for something else and once it was done', async () => {
    const { send, keys, asked } = writing([gone, () => json({}), () => json({}), () => json({})])
    await send('one')
    await send('one')
    await send('one')
    await send('two')
    const [lost, again, next, other] = keys()
    expect(again).toBe(lost)
    expect(new Set([lost, next, other]).size).toBe(3)
    expect(lost).toMatch(/^[A-Za-z0-9_-]{8,64}$/)
    expect(asked[0]?.headers.get('If-Match')).toBe('"3"')
  })
  it('is another one when it was changed after it was lost', async () => {
    const { send, keys } = writing([gone, () => json({})])
    await send('one')
    await send('two')
    expect(keys()[0]).not.toBe(keys()[1])
  })
  it('to another address is another one, with the same body or none', async () => {
    const asked = server({
      'POST /api/jobs/a/again': () => gone(),
      'POST /api/jobs/b/again': () => json({}),
    })
    const cache = new QueryClient()
    const { result } = renderHook(
      () =>
        useWrite({
          send: (id: string, write) =>
            take(api.POST('/api/jobs/{id}/again', { params: { path: { id }, header: write } })),
        }),
      {
        wrapper: ({ children }: { children: ReactNode }) => (
          <QueryClientProvider client={cache}>{children}</QueryClientProvider>
        ),
      },
    )
    for (const id of ['a', 'b']) {
      act(() => result.current.mutate(id))
      await waitFor(() => expect(result.current.isPending).toBe(false))
    }
    const [a, b] = asked.map((one) => one.headers.get('Idempotency-Key'))
    expect(a).not.toBe(b)
  })
  it('is tried again by itself while others are writing, with the same key', async () => {
    const { send, keys, result } = writing([() => problem(503, 'busy'), () => json({})])
    await send('one')
    await waitFor(() => expect(result.current.isSuccess).toBe(true))
    expect(keys()).toHaveLength(2)
    expect(keys()[0]).toBe(keys()[1])
  })
  it('says at which field it was refused, and that somebody was first', async () => {
    const { send, result } = writing([
      () => problem(422, 'x', { errors: [{ field: 'name', message: 'is none' }] }),
      () => problem(412, 'Somebody was first.'),
    ])
    await send('one')
    expect(result.current.fields).toEqual({ name: 'is none' })
    await send('one')
    expect(result.current.stale?.message).toBe('Somebody was first.')
  })
})
