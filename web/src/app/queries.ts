// Query keys and reads, one factory per resource.
import { keepPreviousData, queryOptions } from '@tanstack/react-query'
import { api, take, type Schemas } from './client'
import { keptHere } from './keptHere'

export const LIVE_MS = 2000
/** How often is asked how far something behind the scenes has come. */
const STEP_MS = 600

/**
 * A groom with what it is old: an unchanged one comes from the browser's own store, under the date it was
 * asked again.
 */
async function groomNow(id: string): Promise<Schemas['GroomView'] & { age_ms: number }> {
  const call = api.GET('/api/grooms/{id}', { params: { path: { id } } })
  const groom = await take(call)
  const asked = Date.parse((await call).response.headers.get('Date') ?? '')
  return { ...groom, age_ms: Number.isNaN(asked) ? 0 : Math.max(0, asked - Date.parse(groom.now)) }
}

export const queries = {
  session: () =>
    queryOptions({
      queryKey: ['session'],
      queryFn: () => take(api.GET('/api/session')),
      staleTime: Infinity,
      retry: false,
    }),
  /** Of whoever is open on this device. */
  keptDays: (open: string) =>
    queryOptions({
      queryKey: ['kept-days', open],
      queryFn: () => keptHere.device?.days() ?? [],
      staleTime: LIVE_MS,
    }),
  words: () =>
    queryOptions({ queryKey: ['words'], queryFn: () => take(api.GET('/api/words')), staleTime: Infinity }),
  day: (on: string) =>
    queryOptions({
      queryKey: ['day', on],
      queryFn: () => take(api.GET('/api/day', { params: { query: on ? { on } : {} } })),
      placeholderData: keepPreviousData,
    }),
  newDog: (breed: string, owner: string, coat: string) =>
    queryOptions({
      queryKey: ['newDog', breed, owner, coat],
      queryFn: () => take(api.GET('/api/dogs/new/hints', { params: { query: { breed, owner, coat } } })),
      staleTime: 60_000,
    }),
  kit: () => queryOptions({ queryKey: ['kit'], queryFn: () => take(api.GET('/api/kit')), staleTime: 60_000 }),
  tool: (id: string) =>
    queryOptions({
      queryKey: ['tool', id],
      queryFn: () => take(api.GET('/api/kit/{id}', { params: { path: { id } } })),
    }),
  derivation: (id: string) =>
    queryOptions({
      queryKey: ['derivation', id],
      queryFn: () => take(api.GET('/api/kit/derivations/{id}', { params: { path: { id } } })),
      // It is counted behind the scenes; looked at while it goes on.
      refetchInterval: ({ state: { data } }) => (data && !data.finished && data.why === '' ? STEP_MS : false),
    }),
  people: () => queryOptions({ queryKey: ['people'], queryFn: () => take(api.GET('/api/people')) }),
  home: (id: string) =>
    queryOptions({
      queryKey: ['home', id],
      queryFn: () => take(api.GET('/api/homes/{id}', { params: { path: { id } } })),
    }),
  upkeep: () =>
    queryOptions({
      queryKey: ['upkeep'],
      queryFn: () => take(api.GET('/api/upkeep')),
      refetchInterval: 600_000,
    }),
  mySignIns: () =>
    queryOptions({ queryKey: ['my-sign-ins'], queryFn: () => take(api.GET('/api/me/sign-ins')) }),
  places: () => queryOptions({ queryKey: ['places'], queryFn: () => take(api.GET('/api/places')) }),
  wash: () => queryOptions({ queryKey: ['wash'], queryFn: () => take(api.GET('/api/wash')) }),
  then: (id: string, a: string, b: string) =>
    queryOptions({
      queryKey: ['then', id, a, b],
      queryFn: () =>
        take(
          api.GET('/api/dogs/{id}/then', {
            params: { path: { id }, query: { ...(a ? { a } : {}), ...(b ? { b } : {}) } },
          }),
        ),
      placeholderData: keepPreviousData,
    }),
  elsewhere: (id: string) =>
    queryOptions({
      queryKey: ['elsewhere', id],
      queryFn: () => take(api.GET('/api/dogs/{id}/histories/warnings', { params: { path: { id } } })),
      staleTime: 300_000,
      retry: false,
    }),
  visit: (id: string) =>
    queryOptions({
      queryKey: ['visit', id],
      queryFn: () => take(api.GET('/api/visits/{id}', { params: { path: { id } } })),
      staleTime: Infinity,
    }),
  patterns: () => queryOptions({ queryKey: ['patterns'], queryFn: () => take(api.GET('/api/patterns')) }),
  pattern: (id: string) =>
    queryOptions({
      queryKey: ['pattern', id],
      queryFn: () => take(api.GET('/api/patterns/{id}', { params: { path: { id } } })),
      refetchInterval: ({ state: { data } }) => (data?.job?.state === 'open' ? STEP_MS : false),
    }),
  follows: (id: string) =>
    queryOptions({
      queryKey: ['follows', id],
      queryFn: () => take(api.GET('/api/dogs/{id}/pattern', { params: { path: { id } } })),
    }),
  book: (q: string) =>
    queryOptions({
      queryKey: ['book', q],
      queryFn: () => take(api.GET('/api/dogs', { params: { query: q ? { q } : {} } })),
      placeholderData: keepPreviousData,
    }),
  card: (id: string, place: string | null, wish: number | null) =>
    queryOptions({
      queryKey: ['card', id, place, wish],
      queryFn: () =>
        take(
          api.GET('/api/dogs/{id}/card', {
            params: {
              path: { id },
              query: { ...(place ? { place } : {}), ...(wish ? { wish: String(wish) } : {}) },
            },
          }),
        ),
      refetchInterval: LIVE_MS,
      refetchIntervalInBackground: true,
      placeholderData: keepPreviousData,
    }),
  answer: (id: string, body: { zone: string; recipe: RecipeDraft; place: string | null }) =>
    queryOptions({
      queryKey: ['answer', id, body],
      queryFn: () => take(api.POST('/api/dogs/{id}/answer', { params: { path: { id } }, body: body })),
      placeholderData: keepPreviousData,
      staleTime: 10_000,
      retry: false,
    }),
  prices: () => queryOptions({ queryKey: ['prices'], queryFn: () => take(api.GET('/api/prices')) }),
  house: () => queryOptions({ queryKey: ['house'], queryFn: () => take(api.GET('/api/house')) }),
  /** The order follows the plan: another revision, another order. */
  order: (id: string, revision: number) =>
    queryOptions({
      queryKey: ['order', id, revision],
      queryFn: () => take(api.GET('/api/dogs/{id}/order', { params: { path: { id } } })),
      retry: false,
    }),
  /** Kept for as long as the page is open: there may be no network when it is needed. */
  emergency: (dog: string) =>
    queryOptions({
      queryKey: ['emergency', dog],
      queryFn: () => take(api.GET('/api/emergency', { params: { query: dog ? { dog } : {} } })),
      staleTime: 60_000,
      refetchInterval: 300_000,
      gcTime: Infinity,
      retry: false,
    }),
  kinds: (id: string) =>
    queryOptions({
      queryKey: ['kinds', id],
      queryFn: () => take(api.GET('/api/dogs/{id}/kinds', { params: { path: { id } } })),
      staleTime: 60_000,
    }),
  arrival: (id: string) =>
    queryOptions({
      queryKey: ['arrival', id],
      queryFn: () => take(api.GET('/api/arrivals/{id}', { params: { path: { id } } })),
      refetchInterval: LIVE_MS,
      refetchIntervalInBackground: true,
    }),
  groom: (id: string) =>
    queryOptions({
      queryKey: ['groom', id],
      queryFn: () => groomNow(id),
      refetchInterval: LIVE_MS,
      refetchIntervalInBackground: true,
    }),
  repeat: (id: string) =>
    queryOptions({
      queryKey: ['repeat', id],
      queryFn: () => take(api.GET('/api/dogs/{id}/repeat', { params: { path: { id } } })),
    }),
  finish: (id: string, seq: number) =>
    queryOptions({
      queryKey: ['finish', id, seq],
      queryFn: () => take(api.GET('/api/grooms/{id}/finish', { params: { path: { id } } })),
      placeholderData: keepPreviousData,
    }),
  measures: (id: string) =>
    queryOptions({
      queryKey: ['measures', id],
      queryFn: () => take(api.GET('/api/dogs/{id}/measures', { params: { path: { id } } })),
    }),
  line: (id: string) =>
    queryOptions({
      queryKey: ['line', id],
      queryFn: () => take(api.GET('/api/dogs/{id}/line', { params: { path: { id } } })),
    }),
  dogSchools: (id: string) =>
    queryOptions({
      queryKey: ['dog-schools', id],
      queryFn: () => take(api.GET('/api/dogs/{id}/schools', { params: { path: { id } } })),
    }),
  failedJobs: () => queryOptions({ queryKey: ['failed-jobs'], queryFn: () => take(api.GET('/api/jobs')) }),
  incidents: () => queryOptions({ queryKey: ['incidents'], queryFn: () => take(api.GET('/api/incidents')) }),
  log: (dog: string | null, cursor: string | null) =>
    queryOptions({
      queryKey: ['log', dog, cursor],
      queryFn: () =>
        take(
          api.GET('/api/log', {
            params: { query: { ...(dog ? { dog } : {}), ...(cursor ? { cursor } : {}) } },
          }),
        ),
    }),
}

/** A recipe as it is sent. */
export interface RecipeDraft {
  method: string
  tool: { kind: string; label?: string; mm?: number; base?: string } | null
  clipper_unit: string | null
  lay: string
  entered_mm: number | null
  stop_line: string | null
  shape: string | null
  reason: string | null
  carry: string
  exception: boolean
  note: string | null
}

export function draftOf(recipe: Schemas['RecipeView'] | null): RecipeDraft {
  if (!recipe)
    return {
      method: 'clip',
      tool: { kind: 'blade', label: '10' },
      clipper_unit: null,
      lay: 'with',
      entered_mm: null,
      stop_line: null,
      shape: null,
      reason: null,
      carry: 'repeat',
      exception: false,
      note: null,
    }
  return {
    method: recipe.method,
    clipper_unit: recipe.clipper_unit ?? null,
    entered_mm: recipe.entered_mm ?? null,
    stop_line: recipe.stop_line ?? null,
    shape: recipe.shape ?? null,
    reason: recipe.reason ?? null,
    carry: recipe.carry,
    exception: recipe.exception,
    note: recipe.note ?? null,
    lay: recipe.lay ?? 'with',
    tool: recipe.tool ?? null,
  }
}
