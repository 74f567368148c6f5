// What is kept on this device for a day without a signal, as the rest of the application sees it: nothing of
// it is loaded before somebody keeps something here.
import { useSyncExternalStore } from 'react'
import type { Difference } from '../away/differences'
import type { Opened } from '../away/keys'
import type { Post } from '../away/outbox'
import type { Schemas } from './client'

export interface KeptState {
  /** whose things are open here; null: nobody's */
  open: string | null
  /** who has something here */
  keepers: { id: string; name: string; salon: string; locked: boolean }[]
  /** how many things wait to be sent; of whoever is open */
  waiting: number
  /** how many the salon has refused */
  refused: number
  /** how often the salon reckons otherwise than was shown here */
  differs: number
  /** the salon did not answer last time */
  away: boolean
  /** it waits for somebody to sign in */
  signin: boolean
  /** a newer version of the application waits */
  update: boolean
  /** something was kept here, and the browser has thrown it away */
  evicted: boolean
  /** the newest thing that was done here could not be kept: there is no room */
  full: boolean
  /** the browser has said that it does not throw anything of it away */
  promised: boolean
}

/** What stands between the screens and the salon, where something is kept here: away/device.ts. */
export interface KeptDevice {
  keep: (session: Schemas['SessionView'], pin: string) => Promise<void>
  typed: (id: string, pin: string) => void
  unlock: (id: string, pin: string) => Promise<Opened>
  forget: (id: string) => Promise<number>
  holdShell: () => Promise<void>
  send: () => Promise<void>
  pack: () => Promise<void>
  days: () => Promise<(Schemas['AwayDayView'] & { here: boolean })[]>
  waiting: () => Promise<Post[]>
  differences: () => Promise<Difference[]>
  seen: (id: string) => Promise<void>
  picture: (id: string) => Promise<Blob | null>
  settle: (post: Post, what: 'again' | 'drop', changed?: Partial<Post>) => Promise<void>
}

const FLAG = 'kt-kept-here'
let state: KeptState = {
  open: null,
  keepers: [],
  waiting: 0,
  refused: 0,
  differs: 0,
  away: false,
  signin: false,
  update: false,
  evicted: false,
  full: false,
  promised: false,
}
let device: KeptDevice | null = null
let loader: (() => Promise<KeptDevice>) | null = null
const listeners = new Set<() => void>()

export const keptHere = {
  get state(): KeptState {
    return state
  },
  set(next: Partial<KeptState>): void {
    state = { ...state, ...next }
    listeners.forEach((tell) => tell())
  },
  /** Null until something is kept here. */
  get device(): KeptDevice | null {
    return device
  },
  /** Something was kept here: it is looked for at the next start. */
  mark(on: boolean): void {
    if (on) localStorage.setItem(FLAG, '1')
    else localStorage.removeItem(FLAG)
    keptHere.set({ evicted: false })
  },
  get marked(): boolean {
    return localStorage.getItem(FLAG) !== null
  },
  /** @throws where the browser gives no store */
  async load(): Promise<KeptDevice> {
    device ??= (await loader?.()) ?? null
    if (!device) throw new Error('Nothing can be kept here.')
    return device
  },
}

/** Answers whether something is kept here, and the device stands between. */
export async function startKeptHere(by: () => Promise<KeptDevice>): Promise<boolean> {
  loader = by
  if (!keptHere.marked) return false
  try {
    const device = await keptHere.load()
    void device.holdShell()
    return true
  } catch {
    // The browser gives no store today: the salon is asked as ever.
    return false
  }
}

export function useKeptHere(): KeptState {
  return useSyncExternalStore(
    (tell) => {
      listeners.add(tell)
      return () => listeners.delete(tell)
    },
    () => state,
  )
}
