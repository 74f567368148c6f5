// What must not be done twice at once: one after the other under a name, in all tabs of this device.

/** None where the page came without TLS, or outside a browser. */
export const lockManager = () => (globalThis as { navigator?: { locks?: LockManager } }).navigator?.locks
const queues = new Map<string, Promise<unknown>>()

export function inTurn<T>(name: string, act: () => Promise<T>): Promise<T> {
  const locks = lockManager()
  if (locks) return locks.request(name, act) as Promise<T>
  const next = (queues.get(name) ?? Promise.resolve()).then(act, act)
  queues.set(
    name,
    next.catch(() => {}),
  )
  return next
}
