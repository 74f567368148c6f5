// What one person keeps on this device, opened: documents by the path they came from, files, and the outbox.
import type { EntityTable } from 'dexie'
import type { Base, Keeper } from './base'
import { inTurn } from './turn'
import { open, openBytes, seal, sealBytes } from './seal'

/** One thing that was done here and that the salon does not have yet. */
export interface Entry {
  /** its Idempotency-Key, for as long as it waits */
  id: string
  method: 'POST' | 'PUT' | 'DELETE'
  path: string
  body: unknown
  /** If-Match */
  version?: number
  /** when it was done, by this device's clock */
  at: string
  /** what it is, in words */
  what: string
  dog: string
  /** a photo: name of the file in the safe, and what the form says of it */
  file?: { key: string; fields: Record<string, string> }
  /** what was shown for it here, to be held against the salon's answer */
  shown?: unknown
  /** it has been on its way: the salon may have it */
  tried?: boolean
  /** how often the salon has failed over it */
  failed?: number
  /** the salon has refused it: kept until somebody has looked at it */
  refused?: { status: number; message: string; theirs?: unknown }
}

export class Safe {
  constructor(
    readonly base: Base,
    readonly who: Keeper,
    private readonly key: CryptoKey,
  ) {}

  async read<T>(path: string): Promise<T | null> {
    const doc = await this.base.docs.get(this.name(path))
    return doc ? open<T>(this.key, doc.sealed) : null
  }

  async write(path: string, value: unknown): Promise<void> {
    const sealed = await seal(this.key, value)
    await this.whileMine(this.base.docs, (docs) =>
      docs.put({ key: this.name(path), person: this.who.id, sealed }),
    )
  }

  /** What is made of what is there: one after the other, in all tabs of this device. */
  amend<T>(path: string, next: (was: T | null) => T): Promise<void> {
    return inTurn(`kt-doc-${this.name(path)}`, async () => this.write(path, next(await this.read<T>(path))))
  }

  async drop(path: string): Promise<void> {
    await this.base.docs.delete(this.name(path))
  }

  async paths(): Promise<string[]> {
    const keys = await this.base.docs.where('person').equals(this.who.id).primaryKeys()
    return keys.map((key) => key.slice(this.who.id.length + 1))
  }

  async keepFile(name: string, file: Blob): Promise<void> {
    const sealed = await sealBytes(this.key, await file.arrayBuffer())
    await this.whileMine(this.base.files, (files) =>
      files.put({ key: this.name(name), person: this.who.id, sealed }),
    )
  }

  async file(name: string): Promise<Blob | null> {
    const kept = await this.base.files.get(this.name(name))
    return kept ? new Blob([await openBytes(this.key, kept.sealed)], { type: 'image/jpeg' }) : null
  }

  async dropFile(name: string): Promise<void> {
    await this.base.files.delete(this.name(name))
  }

  /** In the order in which it was done. */
  async waiting(): Promise<(Entry & { n: number })[]> {
    const rows = await this.base.out.where('person').equals(this.who.id).sortBy('n')
    return Promise.all(rows.map(async (row) => ({ ...(await open<Entry>(this.key, row.sealed)), n: row.n })))
  }

  /** The first that is not refused. */
  async first(): Promise<(Entry & { n: number }) | null> {
    for (;;) {
      const row = await this.base.out.where({ person: this.who.id, refused: 0 }).first()
      if (!row) return null
      const post = { ...(await open<Entry>(this.key, row.sealed)), n: row.n }
      if (!post.refused) return post
      // Refused by a release that did not say so outside the seal.
      await this.change(post)
    }
  }

  async last(): Promise<(Entry & { n: number }) | null> {
    const row = await this.base.out.where('person').equals(this.who.id).last()
    return row ? { ...(await open<Entry>(this.key, row.sealed)), n: row.n } : null
  }

  /** @throws where the device has no room: then it is not kept */
  async add(entry: Entry): Promise<void> {
    const sealed = await seal(this.key, entry)
    const kept = await this.whileMine(this.base.out, (out) =>
      out.add({ id: entry.id, person: this.who.id, refused: 0, sealed }),
    )
    if (!kept) throw new Error('The store was cleared meanwhile.')
  }

  async change({ n, ...entry }: Entry & { n: number }): Promise<void> {
    await this.base.out.update(n, { sealed: await seal(this.key, entry), refused: entry.refused ? 1 : 0 })
  }

  async done(n: number): Promise<void> {
    await this.base.out.delete(n)
  }

  count(): Promise<number> {
    return this.base.out.where('person').equals(this.who.id).count()
  }

  /** How many the salon has refused. */
  refused(): Promise<number> {
    return this.base.out.where({ person: this.who.id, refused: 1 }).count()
  }

  /**
   * What comes in late must not lie here after its person has signed out, nor under a key of before. Answers
   * whether it was done.
   */
  private whileMine<T, K extends keyof T>(
    table: EntityTable<T, K>,
    act: (table: EntityTable<T, K>) => PromiseLike<unknown>,
  ): Promise<boolean> {
    const { base, who } = this
    return base.transaction('rw', base.people, table, async () => {
      if (!sameSafe(await base.people.get(who.id), who)) return false
      await act(table)
      return true
    })
  }

  private name(path: string): string {
    return `${this.who.id}|${path}`
  }
}

/** Its key is sealed for the salon once, when it is made. */
function sameSafe(there: Keeper | undefined, mine: Keeper): boolean {
  return there?.bySalon.iv.join() === mine.bySalon.iv.join()
}
