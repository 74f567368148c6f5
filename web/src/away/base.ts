// The device's own store: who has something here, what is kept for them, and what waits to be sent. Only who
// it belongs to, in which order it was made and that it was refused stands outside the seal.
import { Dexie, type EntityTable } from 'dexie'
import type { Sealed } from './seal'

export interface Keeper {
  /** id of the person */
  id: string
  name: string
  salon: string
  salt: Uint8Array<ArrayBuffer>
  byPin: Sealed
  bySalon: Sealed
  /** wrong PINs in a row */
  tries: number
}
export interface Doc {
  /** person and path */
  key: string
  person: string
  sealed: Sealed
}
export interface Waiting {
  n: number
  /** its Idempotency-Key */
  id: string
  person: string
  /** the salon has refused it: 1, so that what waits is counted without opening it */
  refused: 0 | 1
  sealed: Sealed
}

export class Base extends Dexie {
  people!: EntityTable<Keeper, 'id'>
  docs!: EntityTable<Doc, 'key'>
  out!: EntityTable<Waiting, 'n'>
  files!: EntityTable<Doc, 'key'>

  constructor(name = 'keen-thistle') {
    super(name)
    this.version(1).stores({
      people: 'id',
      docs: 'key, person',
      out: '++n, &id, person',
      files: 'key, person',
    })
    this.version(2)
      .stores({ out: '++n, &id, person, [person+refused]' })
      // Which of them was refused stands in the seal: seen when it is opened (Safe.first).
      .upgrade((open) => open.table<Waiting>('out').toCollection().modify({ refused: 0 }))
  }
}
