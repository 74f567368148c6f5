// The worker beside the page: each answer to its question, computed here where there is none; what was
// computed once is not computed again.
import { afterEach, describe, expect, it, vi } from 'vitest'
import type { Kept } from '../close/plate'
import type { Answer, Ask } from './ask'

type Message = Ask & { n: number }
let workers: Fake[] = []
class Fake {
  onmessage: ((e: { data: { n: number; said: Answer } }) => void) | null = null
  onerror: (() => void) | null = null
  asked: Message[] = []
  constructor() {
    workers.push(this)
  }
  postMessage(message: Message) {
    this.asked.push(message)
  }
}
const LOOK = {
  build: 'low',
  muzzle: 'short',
  ear_type: 'button',
  ear_set: 'high',
  tail_type: 'bob',
  tail_carriage: 'level',
  coat: 'wire',
}
const HEAD: Ask = { what: 'close', key: 'k', view: 'head', look: LOOK }
const isKept = (said: Answer) => Array.isArray(said)
const FIRST: Kept[] = []
const SECOND: Kept[] = []

async function fresh() {
  vi.resetModules()
  workers = []
  vi.stubGlobal('Worker', Fake)
  return import('./beside')
}
afterEach(() => vi.unstubAllGlobals())

describe('the worker', () => {
  it('answers each question by its number, whatever comes first', async () => {
    const { askBeside } = await fresh()
    const one = askBeside(HEAD, () => [], isKept)
    const two = askBeside({ ...HEAD, view: 'below' }, () => [], isKept)
    const [worker] = workers
    expect(workers).toHaveLength(1)
    const [first, second] = worker?.asked ?? []
    worker?.onmessage?.({ data: { n: second?.n ?? 0, said: SECOND } })
    worker?.onmessage?.({ data: { n: first?.n ?? 0, said: FIRST } })
    expect(await two).toBe(SECOND)
    expect(await one).toBe(FIRST)
  })
  it('whose script is gone leaves what is open to the page, and is begun anew', async () => {
    const { askBeside } = await fresh()
    const here = vi.fn(() => [])
    const open = askBeside({ what: 'close', key: 'k', view: 'head', look: LOOK }, here, isKept)
    workers[0]?.onerror?.()
    expect(await open).toEqual([])
    expect(here).toHaveBeenCalledOnce()
    void askBeside(HEAD, () => [], isKept)
    expect(workers).toHaveLength(2)
  })
  it('that answers with something else is not believed', async () => {
    const { askBeside } = await fresh()
    const answer = askBeside({ what: 'close', key: 'k', view: 'head', look: LOOK }, () => [], isKept)
    workers[0]?.onmessage?.({ data: { n: workers[0].asked[0]?.n ?? 0, said: null } })
    expect(await answer).toEqual([])
  })
})

describe('the store', () => {
  it('computes once, also where the browser keeps nothing', async () => {
    const { remembered } = await import('./store')
    const make = vi.fn(() => ({ made: 1 }))
    expect(await remembered('a', make)).toEqual({ made: 1 })
    expect(await remembered('a', make)).toEqual({ made: 1 })
    expect(make).toHaveBeenCalledOnce()
    expect(await remembered('b', () => 2)).toBe(2)
  })
})
