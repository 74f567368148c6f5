// Who has something on this device, and how it is opened: by their PIN without a signal, by the salon's key
// with one. Locking and wrong PINs erase nothing.
import type { Base, Keeper } from './base'
import { Safe } from './safe'
import { handedKey, keyOf, openBytes, random, sealBytes, slowKey } from './seal'

export const MOST_TRIES = 5

export type Opened = { safe: Safe } | { wrong: number } | { locked: true }

/** What is here can be opened with neither: it was sealed by another PIN, and something in it waits. */
export class SealedBefore extends Error {}

/**
 * A safe of a person, under their PIN and the key that the salon hands out: the one here, or a new one.
 *
 * @throws SealedBefore
 */
export async function makeSafe(
  base: Base,
  who: { id: string; name: string; salon: string },
  pin: string,
  handed: string,
): Promise<Safe> {
  const there = await openBySalon(base, who.id, handed)
  if (there) {
    await wrapAnew(base, who.id, pin, handed)
    return there
  }
  if (await eraseSent(base, who.id)) throw new SealedBefore()
  const raw = random(32)
  const salt = random(16)
  const keeper: Keeper = {
    ...who,
    salt,
    byPin: await sealBytes(await slowKey(pin, salt), raw),
    bySalon: await sealBytes(await handedKey(handed), raw),
    tries: 0,
  }
  await base.people.put(keeper)
  return new Safe(base, keeper, await keyOf(raw))
}

/** The one that is made of what is typed, until it is tried. */
let ahead: { pin: string; salt: string; key: Promise<CryptoKey> } | null = null

function pinKey(keeper: Keeper, pin: string): Promise<CryptoKey> {
  const salt = keeper.salt.join()
  const key = ahead?.pin === pin && ahead.salt === salt ? ahead.key : slowKey(pin, keeper.salt)
  ahead = { pin, salt, key }
  return key
}

/** Nothing is tried by it: whether it is the PIN is only seen when it is. */
export async function beginKey(base: Base, id: string, pin: string): Promise<void> {
  const keeper = await base.people.get(id)
  if (keeper) await pinKey(keeper, pin)
}

/** A try is counted before the PIN is looked at, so that closing the page is no way round. */
export async function openByPin(base: Base, id: string, pin: string): Promise<Opened> {
  const tries = await base.transaction('rw', base.people, async () => {
    const keeper = await base.people.get(id)
    if (!keeper || keeper.tries >= MOST_TRIES) return null
    await base.people.update(id, { tries: keeper.tries + 1 })
    return keeper.tries + 1
  })
  const keeper = await base.people.get(id)
  if (tries === null || !keeper) return { locked: true }
  try {
    const raw = await openBytes(await pinKey(keeper, pin), keeper.byPin)
    const [key] = await Promise.all([keyOf(raw), base.people.update(id, { tries: 0 })])
    return { safe: new Safe(base, keeper, key) }
  } catch {
    return tries >= MOST_TRIES ? { locked: true } : { wrong: MOST_TRIES - tries }
  } finally {
    ahead = null
  }
}

/** With a signal, and signed in: wrong PINs are forgiven. Null: nothing of this person is here. */
export async function openBySalon(base: Base, id: string, handed: string): Promise<Safe | null> {
  const keeper = await base.people.get(id)
  if (!keeper) return null
  try {
    const raw = await openBytes(await handedKey(handed), keeper.bySalon)
    await base.people.update(id, { tries: 0 })
    return new Safe(base, keeper, await keyOf(raw))
  } catch {
    // The salon's secret is another one now: the PIN still opens it.
    return null
  }
}

/** After one's PIN was changed; opened with the salon's key, since the old PIN is not at hand. */
export async function wrapAnew(base: Base, id: string, pin: string, handed: string): Promise<void> {
  const keeper = await base.people.get(id)
  if (!keeper) return
  const raw = await openBytes(await handedKey(handed), keeper.bySalon)
  const salt = random(16)
  await base.people.update(id, { salt, byPin: await sealBytes(await slowKey(pin, salt), raw), tries: 0 })
}

/** Everything of a person, for good. */
export async function erase(base: Base, id: string): Promise<void> {
  await base.transaction('rw', base.people, base.docs, base.files, base.out, async () => {
    for (const table of [base.docs, base.files, base.out]) await table.where('person').equals(id).delete()
    await base.people.delete(id)
  })
}

/** Everything of a person, unless something of it waits: then nothing. Answers how much waits. */
export function eraseSent(base: Base, id: string): Promise<number> {
  return base.transaction('rw', base.people, base.docs, base.files, base.out, async () => {
    const waits = await base.out.where('person').equals(id).count()
    if (waits === 0) await erase(base, id)
    return waits
  })
}
