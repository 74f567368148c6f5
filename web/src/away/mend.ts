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

/** What both have changed, and what is sent where it was chosen. Null: no comb test that both changed. */
export function clashesOf(post: Post): { clashes: Clash[]; zones: MatDraft[]; version: number } | null {
  const stale = (post.refused?.theirs ?? {}) as Stale
  if (!isComb(post) || post.refused?.status !== STALE || !stale.theirs?.zones || !stale.version) return null
  const merged = mergeZones(baseOf(post), (post.body as CombDraft).zones, stale.theirs.zones)
  return { ...merged, version: stale.version }
}

const baseOf = (post: Entry) => (post.shown as { base?: MatDraft[] } | undefined)?.base ?? []

/** What is sent instead of a refused one; null: somebody has to look at it. */
export function mendComb(post: Post, answer: Answer): Promise<Entry | null> {
  const stale = (answer.body ?? {}) as Stale
  if (!isComb(post) || answer.status !== STALE || !stale.theirs?.zones || !stale.version)
    return Promise.resolve(null)
  const { zones, clashes } = mergeZones(baseOf(post), (post.body as CombDraft).zones, stale.theirs.zones)
  if (clashes.length) return Promise.resolve(null)
  return Promise.resolve({
    ...post,
    id: crypto.randomUUID(),
    tried: undefined,
    body: { ...(post.body as CombDraft), zones },
    version: stale.version,
  })
}
