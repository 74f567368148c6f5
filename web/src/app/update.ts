// The shell of the application, held by the browser where somebody keeps their days: a newer one waits until
// it is asked for.
import { keptHere } from './keptHere'

let waiting: ServiceWorker | null = null

function watch(registration: ServiceWorkerRegistration): void {
  const look = () => {
    waiting = registration.waiting
    if (waiting && navigator.serviceWorker.controller) keptHere.set({ update: true })
  }
  look()
  registration.addEventListener('updatefound', () => {
    registration.installing?.addEventListener('statechange', look)
  })
}

/** Resolves when the shell is held, or cannot be. */
export async function holdShell(): Promise<void> {
  if (!('serviceWorker' in navigator)) return
  try {
    watch(await navigator.serviceWorker.register('/sw.js'))
    await navigator.serviceWorker.ready
  } catch {
    // A browser that allows none: the days are kept, but a cold start needs the salon.
  }
}

export function takeUpdate(): void {
  navigator.serviceWorker.addEventListener('controllerchange', () => location.reload(), { once: true })
  waiting?.postMessage({ type: 'SKIP_WAITING' })
}
