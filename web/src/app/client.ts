// The one way to the server: typed by the OpenAPI document, with the CSRF token, and with problems as errors.
import createClient, { type Middleware } from 'openapi-fetch'
import type { components, paths } from './api.gen'

export type Schemas = components['schemas']
/** The closed lists of the trade, by name. */
export type ListName = keyof Schemas['ListsView']
/** What a write sends. */
export type Body<Path extends keyof paths, Verb extends 'post' | 'put'> = paths[Path][Verb] extends {
  requestBody: { content: { 'application/json': infer Sent } }
}
  ? Sent
  : never
export type Problem = Schemas['Problem'] & {
  theirs?: Schemas['RecipeView'] | null
  yours?: Schemas['RecipeView'] | null
  version?: number
  zone?: string
  changed_by?: string
}

/** A refused or failed request. status 0: the server could not be reached. */
export class ApiError extends Error {
  constructor(
    readonly status: number,
    readonly problem: Problem,
  ) {
    super(problem.title)
  }

  /** Messages by field path. */
  get fields(): Record<string, string> {
    return Object.fromEntries((this.problem.errors ?? []).map((e) => [e.field, e.message]))
  }
}

let csrf = ''
/** Keeps the token of whoever is signed in; answers the one that is kept. */
export function csrfToken(token?: string): string {
  return (csrf = token ?? csrf)
}

/** How the salon is reached: over the network, until a device that keeps things stands between. */
export const theNetwork = (request: Request): Promise<Response> => globalThis.fetch(request)
let road = theNetwork
export const reach = (request: Request) => road(request)
export function takeRoad(other: typeof road): void {
  road = other
}

const unreachable: Problem = {
  type: '/problems/unreachable',
  title: 'No connection to the salon. What you typed is still here; try again when it is back.',
  status: 0,
}
let onSignedOut: () => void = () => {}
export function whenSignedOut(listener: () => void): void {
  onSignedOut = listener
}

/** How a key begins that is to be one with what is sent: another address or body, another key. */
export const ONCE = 'once-'

const headers: Middleware = {
  async onRequest({ request }) {
    if (request.method === 'GET') return request
    request.headers.set('X-CSRF-Token', csrf)
    const key = request.headers.get('Idempotency-Key')
    if (key?.startsWith(ONCE))
      request.headers.set(
        'Idempotency-Key',
        `${key.slice(ONCE.length)}-${hash(
          [request.method, request.url, request.headers.get('If-Match'), await request.clone().text()].join(
            ' ',
          ),
        )}`,
      )
    return request
  },
}

/** A short name of a text (FNV-1a). */
function hash(text: string): string {
  let h = 0x811c9dc5
  for (let i = 0; i < text.length; i++) h = Math.imul(h ^ text.charCodeAt(i), 0x01000193)
  return (h >>> 0).toString(16)
}

/**
 * What a form sends is what was typed: words for a choice, a number that may not be one. The server says what
 * is allowed, at the field; which fields there are and how they nest is checked here.
 */
type AsTyped<T> = T extends string
  ? string
  : T extends number
    ? number | string
    : T extends readonly (infer Item)[]
      ? AsTyped<Item>[]
      : T extends object
        ? { [K in keyof T]: AsTyped<T[K]> }
        : T
type Sends<Operation> = Operation extends { requestBody: { content: { 'application/json': infer Body } } }
  ? Omit<Operation, 'requestBody'> & { requestBody: { content: { 'application/json': AsTyped<Body> } } }
  : Operation
type Routes = { [Path in keyof paths]: { [Method in keyof paths[Path]]: Sends<paths[Path][Method]> } }

const client = createClient<Routes>({
  baseUrl: location.origin,
  fetch: reach,
})
client.use(headers)
export const api = client

/** Data of an answer, or an ApiError. */
export async function take<T>(call: Promise<{ data?: T; error?: unknown; response: Response }>): Promise<T> {
  let answer
  try {
    answer = await call
  } catch {
    throw new ApiError(0, unreachable)
  }
  const { data, error, response } = answer
  if (response.ok) return data as T
  if (response.status === 401 && !new URL(response.url).pathname.endsWith('/api/session')) onSignedOut()
  const known = typeof error === 'object' && error !== null && 'title' in error
  throw new ApiError(
    response.status,
    known ? (error as Problem) : { ...unreachable, status: response.status },
  )
}

/** Sends a form with a file: the one thing that is not JSON. */
export function send(path: string, body: FormData, key: string): Promise<unknown> {
  const call = road(
    new Request(new URL(path, location.origin), {
      method: 'POST',
      body,
      headers: { 'X-CSRF-Token': csrf, 'Idempotency-Key': key },
    }),
  )
  return take(
    call.then(async (response) => {
      const content: unknown = await response.json().catch(() => undefined)
      return response.ok ? { data: content, response } : { error: content, response }
    }),
  )
}

/** A key that makes a write happen once, however often it is sent. */
export function writeKey(): string {
  return (
    crypto.randomUUID?.() ??
    Array.from(crypto.getRandomValues(new Uint8Array(16)), (b) => b.toString(16).padStart(2, '0')).join('')
  )
}

/**
 * A file of JSON that ships with the screens.
 *
 * @throws when it does not come
 */
export async function asset(address: string): Promise<unknown> {
  const answer = await globalThis.fetch(address)
  if (!answer.ok) throw new Error('A file of this page did not come.')
  return answer.json()
}
