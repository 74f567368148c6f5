// What the rest of the application is told of what is kept here, counted and not opened.
import { keptHere, type KeptState } from '../app/keptHere'
import type { Keeper } from './base'
import type { Difference } from './differences'
import { MOST_TRIES } from './keys'
import type { Safe } from './safe'

/** safe: of whoever is open here. */
export async function countedUp(people: Keeper[], safe: Safe | null): Promise<Partial<KeptState>> {
  const refused = (await safe?.refused()) ?? 0
  return {
    open: safe?.who.id ?? null,
    keepers: people.map(({ id, name, salon, tries }) => ({ id, name, salon, locked: tries >= MOST_TRIES })),
    waiting: ((await safe?.count()) ?? 0) - refused,
    refused,
    differs: (await safe?.read<Difference[]>('differences'))?.length ?? 0,
    evicted: people.length === 0 && keptHere.marked,
    promised: (await navigator.storage?.persisted?.().catch(() => false)) ?? false,
  }
}
