// Coats that were laid already, kept: so that a slider over the weeks shows one frame after another
// instead of laying each anew.
import type { DogLook } from './build'
import { coatOf, type CoatPaths } from './coat'
import { fieldOf, type Field } from './field'

const KEPT = 140
const coats = new WeakMap<Field, Map<string, CoatPaths>>()

/**
 * The coat of these lengths, laid once. @param lengths mm by left-side zone, as JSON: what is asked for
 * again is not read again
 */
export function laidCoat(field: Field, coat: string, lengths: string): CoatPaths {
  const key = `${coat}|${lengths}`
  let kept = coats.get(field)
  if (!kept) coats.set(field, (kept = new Map<string, CoatPaths>()))
  const known = kept.get(key)
  if (known) return known
  const paths = coatOf(field, coat, JSON.parse(lengths) as Record<string, number>)
  if (kept.size >= KEPT) kept.delete(kept.keys().next().value ?? '')
  kept.set(key, paths)
  return paths
}

/** Lays coats one by one while the page has nothing else to do. Gives back how to stop. */
export function prepareCoats(look: DogLook, frames: Record<string, number>[]): () => void {
  const field = fieldOf(look)
  let next = 0
  let timer = 0
  const idle = globalThis.requestIdleCallback ?? ((work: () => void) => Number(setTimeout(work, 30)))
  const stop = globalThis.cancelIdleCallback ?? clearTimeout
  const work = () => {
    if (next >= frames.length) return
    laidCoat(field, look.coat, JSON.stringify(frames[next++]))
    timer = idle(work)
  }
  timer = idle(work)
  return () => stop(timer)
}
