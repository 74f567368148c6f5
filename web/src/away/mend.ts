// A comb test that somebody else has gone on with meanwhile: put together zone by zone where no zone was
// changed by both.
import type { CombDraft, MatDraft } from '../parts/comb'
import { mergeZones, type Clash } from './merge'
import type { Answer, Post } from './outbox'
import type { Entry } from './safe'

interface Stale {
  theirs?: { zones?: MatDraft[]; stops_first?: number | null; stops_second?: number | null }
  version?: number
}
const STALE = 412
const isComb = (post: Entry) => post.path.endsWith('/comb')

interface Merged {
  zones: MatDraft[]
  clashes: Clash[]
  version: number
}

/** Null: it was not refused for somebody else's comb test. */
function merged(post: Post, status: number | undefined, body: unknown): Merged | null {
  const { theirs, version } = (body ?? {}) as Stale
  if (!isComb(post) || status !== STALE || !theirs?.zones || !version) return null
  const base = (post.shown as { base?: MatDraft[] } | undefined)?.base ?? []
  return { ...mergeZones(base, (post.body as CombDraft).zones, theirs.zones), version }
}

/** What both have changed, and what is sent where it was chosen. Null: no comb test that both changed. */
export const clashesOf = (post: Post) => merged(post, post.refused?.status, post.refused?.theirs)

/** What is sent instead of a refused one; null: somebody has to look at it. */
export function mendComb(post: Post, answer: Answer): Entry | null {
  const both = merged(post, answer.status, answer.body)
  if (!both || both.clashes.length) return null
  return {
    ...post,
    id: crypto.randomUUID(),
    tried: undefined,
    body: { ...(post.body as CombDraft), zones: both.zones },
    version: both.version,
  }
}
