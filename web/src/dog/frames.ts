// Coats that were laid already, kept: so that a slider over the weeks shows one frame after another
// instead of laying each anew.
import { coatOf, type CoatPaths } from './coat'
import type { Field } from './field'

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
