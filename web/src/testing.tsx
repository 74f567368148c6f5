// What the component tests share: a card as PHP would answer it, and a page around a component with a
// pretended server.
import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { render } from '@testing-library/react'
import type { ReactNode } from 'react'
import { MemoryRouter, type InitialEntry } from 'react-router'
import { vi } from 'vitest'
import type { Schemas } from './app/client'
import { SessionProvider, type Session } from './app/session'
import { Toasts } from './ui/Toasts'

export const RECIPE: Schemas['RecipeView'] = {
  method: 'clip',
  tool: { kind: 'blade', label: '7F' },
  clipper_unit: null,
  lay: 'with',
  entered_mm: null,
  stop_line: null,
  shape: null,
  reason: null,
  carry: 'repeat',
  exception: false,
  note: null,
  words: '7F blade, with the lay',
}

export function zone(id: string, change: Partial<Schemas['ZoneView']> = {}): Schemas['ZoneView'] {
  return {
    zone: id,
    version: 1,
    recipe: RECIPE,
    finished_mm: 3.2,
    low_mm: 2.9,
    high_mm: 3.5,
    estimated: false,
    now_mm: 8.4,
    natural_mm: 55,
    here: null,
    warnings: 0,
    fill_back_on: null,
    changed_by: null,
    changed_at: null,
    ...change,
  } as Schemas['ZoneView']
}

export interface Asked {
  method: string
  path: string
  query: URLSearchParams
  headers: Headers
  body: unknown
}

/** Pretends to be the server: answers are looked up by "METHOD /path"; what was asked is kept. */
export function server(
  /** a body, or what makes the response: (asked: Asked) => Response */
  answers: Record<string, unknown>,
): Asked[] {
  const asked: Asked[] = []
  vi.stubGlobal(
    'fetch',
    vi.fn(async (request: Request) => {
      const { pathname, searchParams } = new URL(request.url)
      const text = await request.text()
      const one = {
        method: request.method,
        path: pathname,
        query: searchParams,
        headers: request.headers,
        body:
          request.headers.get('Content-Type')?.includes('json') && text
            ? (JSON.parse(text) as unknown)
            : null,
      }
      asked.push(one)
      const answer = answers[`${request.method} ${pathname}`]
      const response =
        typeof answer === 'function'
          ? await (answer as (a: Asked) => Response | Promise<Response>)(one)
          : answer === undefined
            ? problem(404, 'There is nothing here.')
            : json(answer)
      return Object.defineProperty(response, 'url', { value: request.url })
    }),
  )
  return asked
}

export function json(body: unknown, status = 200): Response {
  return new Response(JSON.stringify(body), { status, headers: { 'Content-Type': 'application/json' } })
}

export function problem(status: number, title: string, more: Record<string, unknown> = {}): Response {
  return new Response(JSON.stringify({ type: '/problems/test', title, status, ...more }), {
    status,
    headers: { 'Content-Type': 'application/problem+json' },
  })
}

export function page(children: ReactNode, at: InitialEntry = '/') {
  const cache = new QueryClient({ defaultOptions: { queries: { retry: false } } })
  cache.setQueryData(['session'], SESSION)
  return {
    cache,
    ...render(
      <QueryClientProvider client={cache}>
        <MemoryRouter initialEntries={[at]}>
          <Toasts>{children}</Toasts>
        </MemoryRouter>
      </QueryClientProvider>,
    ),
  }
}

export const SESSION: Session = {
  id: 's1',
  name: 'Tove Lindgarth',
  role: 'groomer',
  role_label: 'groomer',
  may: ['read', 'plan', 'visit', 'book', 'dog'],
  salon: 'The Fulling Room',
  place: 'mill',
  places: [{ id: 'mill', name: 'Mill room', kind: 'room' }],
  colleagues: [
    { id: 's1', name: 'Tove Lindgarth', role: 'groomer' },
    { id: 's2', name: 'Maren Oakhollow', role: 'manager' },
  ],
  csrf: 't',
  currency: 'EUR',
  pin_refused_at: null,
  demo: false,
  theme: 'device',
  left_handed: false,
  language: 'en',
  own_language: null,
  units: 'metric',
  salons: [],
}

/** As somebody who is signed in sees it. */
export function signedIn(children: ReactNode) {
  return (
    <SessionProvider
      loading={null}
      failed={() => null}
      signIn={(again) => <p>{again ? 'sign in again' : 'sign in'}</p>}
    >
      {children}
    </SessionProvider>
  )
}

const NO_LISTS: Schemas['ListsView'] = {
  method: [],
  lay: [],
  coat: [],
  stage: [],
  upkeep: [],
  finish: [],
  ground: [],
  handling: [],
  reason: [],
  carry: [],
  stop_line: [],
  base: [],
  blade: [],
  sex: [],
  build: [],
  muzzle: [],
  ear_type: [],
  ear_set: [],
  tail_type: [],
  tail_carriage: [],
  density: [],
  colour: [],
  markings: [],
  health: [],
  absent: [],
  state: [],
  visit_kind: [],
  zone_state: [],
  decision: [],
  skin_under: [],
  tool: [],
  place: [],
  rung: [],
  cause: [],
  works: [],
  claw: [],
  ear: [],
  teeth: [],
  skin: [],
  parasites: [],
  lameness: [],
  breathing: [],
  vaccination: [],
  rear_soil: [],
  rear_where: [],
  found: [],
}
/** The closed lists: those that a test needs, the others empty. */
export function lists(some: Partial<Schemas['ListsView']> = {}): Schemas['ListsView'] {
  return { ...NO_LISTS, ...some }
}

/** How far a coat is matted, as the salon gives it. */
export const SEVERITIES: Schemas['VocabularyView']['severities'] = [
  { id: 0, label: 'clear', spread: null, asks_clearance: false, passes: true },
  { id: 1, label: 'tangles', spread: 0.5, asks_clearance: true, passes: true },
  { id: 2, label: 'separate mats', spread: 0.5, asks_clearance: true, passes: true },
  { id: 3, label: 'tight', spread: 0.5, asks_clearance: true, passes: false },
  { id: 4, label: 'felted', spread: 0.5, asks_clearance: false, passes: false },
]
