// Requests and answers as a device handles them: under which name one is kept, in how long one has to come,
// what a form says.
import type { Asked } from './asked'
import type { Safe } from './safe'

/** The salon's own ways of saying that it does not answer. */
export const AWAY = [502, 503, 504]

/** The name under which an answer is kept: which kit a card is asked with is the person's own here. */
export function keptAs(url: URL): string {
  const on = url.searchParams.get('on')
  return url.pathname.endsWith('/away') && on ? `${url.pathname}?on=${on}` : url.pathname
}

export function answer(body: unknown, status = 200): Response {
  return new Response(body === undefined ? null : JSON.stringify(body), {
    status,
    headers: { 'Content-Type': 'application/json', Date: new Date().toUTCString(), 'Kept-Here': '1' },
  })
}

export async function inTime(request: Request, ms: number): Promise<Response> {
  return globalThis.fetch(request, { signal: AbortSignal.any([request.signal, AbortSignal.timeout(ms)]) })
}

/** The same, of what the salon calls it by now. */
export async function renamed(safe: Safe | null, request: Request): Promise<Request> {
  const aliases = await safe?.read<Record<string, string>>('aliases')
  const named = Object.entries(aliases ?? {}).reduce(
    (url, [from, to]) => url.replaceAll(from, to),
    request.url,
  )
  if (named === request.url) return request
  const { method, headers, signal } = request
  const body = method === 'GET' ? undefined : await request.clone().arrayBuffer()
  return new Request(named, { method, headers, signal, body })
}

/** Reads something of the salon; null: it does not say it. @throws where it does not answer */
export async function ask<T>(path: string): Promise<T | null> {
  const response = await globalThis.fetch(new Request(new URL(path, location.origin)))
  if (response.status >= 500) throw new TypeError('The salon does not answer.')
  return response.ok ? ((await response.json()) as T) : null
}

/** What a screen asks for, read once. */
export async function askedOf(request: Request): Promise<Asked> {
  const url = new URL(request.url)
  const isForm = request.headers.get('Content-Type')?.startsWith('multipart/')
  const fields = isForm ? await request.clone().formData() : null
  const photo = fields?.get('photo')
  return {
    method: request.method,
    path: url.pathname,
    query: url.searchParams,
    key: request.headers.get('Idempotency-Key') ?? crypto.randomUUID(),
    version: Number(request.headers.get('If-Match')?.replaceAll('"', '')) || undefined,
    body: fields
      ? Object.fromEntries([...fields].filter(([, v]) => typeof v === 'string'))
      : (JSON.parse((await request.clone().text()) || '{}') as Record<string, unknown>),
    photo: photo instanceof Blob ? photo : null,
  }
}

const NO_ROOM = {
  type: '/problems/no-room',
  title:
    'This device has no room left. What you typed is still on this page: make room, or go where there is ' +
    'a signal, before you close it.',
  status: 507,
}

const NOT_KEPT = {
  ...NO_ROOM,
  type: '/problems/not-kept',
  title:
    'The browser does not keep it: its store is closed, or was cleared. What you typed is still on this ' +
    'page: write it down, or go where there is a signal, before you close it.',
}

export const isFull = (e: unknown) => e instanceof Error && /quota/i.test(`${e.name} ${e.message}`)

/** What is said where the browser's store is full, or does not take it for another reason. */
export function notKept(e: unknown): Response {
  return answer(isFull(e) ? NO_ROOM : NOT_KEPT, NO_ROOM.status)
}

/** What is said to a wrong PIN, as the salon says it. */
export function wrongPin(locked: boolean): Response {
  const message = locked ? 'is not taken here any more until there is a signal' : 'is not that PIN'
  return answer(
    {
      type: '/problems/invalid-input',
      title: 'Some of this cannot be accepted.',
      status: 422,
      errors: [{ field: 'pin', message }],
    },
    422,
  )
}
