// The page's side of the worker that computes drawings: one worker, each question once at a time. Where there
// is none, or its script is gone after a new release, it is computed here.
import type { Answer, Ask } from './ask'

const waiting = new Map<number, { done: (said: Answer) => void; here: () => Answer }>()
let worker: Worker | null = null
let last = 0

export const hasWorker = typeof Worker !== 'undefined'

function start(): Worker {
  const one = new Worker(new URL('./worker.ts', import.meta.url), { type: 'module' })
  one.onmessage = (e: MessageEvent<{ n: number; said: Answer }>) => {
    waiting.get(e.data.n)?.done(e.data.said)
    waiting.delete(e.data.n)
  }
  one.onerror = () => {
    worker = null
    for (const open of waiting.values()) open.done(open.here())
    waiting.clear()
  }
  return one
}

/** @param here computes the same in the page */
export function askBeside<A extends Answer>(
  ask: Ask,
  here: () => A,
  is: (said: Answer) => said is A,
): Promise<A> {
  worker ??= start()
  const n = ++last
  const through = worker
  return new Promise<A>((done) => {
    waiting.set(n, { done: (said) => done(is(said) ? said : here()), here })
    through.postMessage({ ...ask, n })
  })
}
