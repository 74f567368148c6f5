// Shown in place of a view that failed: in plain words, with a way on. A view whose script is gone, because a
// newer
// Keen Thistle was put in place meanwhile, loads itself anew.
import { useCallback, useEffect, useState } from 'react'
import { useNavigate, useRouteError } from 'react-router'
import { Button } from '../ui/Button'
import { api } from './client'

/** The script of a view could not be had: the salon is out of reach, or a newer version has other files. */
export class ViewMissing extends Error {}

type Renewal = 'no' | 'asking' | 'away' | 'coming'
const WORDS: Record<Renewal, string> = {
  no: 'There is a newer Keen Thistle. What you entered is still here.',
  asking: 'One moment …',
  away:
    'The salon cannot be reached. What you entered is still here; this page comes when the connection ' +
    'is back.',
  coming: 'There is a newer Keen Thistle. One moment …',
}

export function Broken({
  error,
  reload = () => location.reload(),
  toBook = () => location.assign('/book'),
}: {
  error: unknown
  reload?: () => void
  toBook?: () => void
}) {
  const missing = error instanceof ViewMissing
  const [renewal, renew] = useRenewal(missing, reload)
  return (
    <div role="alert" className="panel mx-auto my-14 max-w-lg space-y-3 p-6">
      <h1 className="text-xl">
        {missing ? 'This page could not be loaded' : 'Something on this page broke'}
      </h1>
      <p>
        {missing
          ? WORDS[renewal]
          : renewal === 'away'
            ? 'The salon cannot be reached. What was saved is safe; try again when the connection is back.'
            : 'What was saved is safe. Load the page again; if it breaks again, tell your manager what ' +
              'you did last.'}
      </p>
      <div className="flex flex-wrap gap-2">
        <Button kind="main" onClick={renew}>
          Load again
        </Button>
        <Button onClick={toBook}>To the book</Button>
      </div>
    </div>
  )
}

/** The same for a route: the frame with its tabs stays around it. */
export function BrokenRoute() {
  const go = useNavigate()
  return <Broken error={useRouteError()} toBook={() => void go('/book')} />
}

const RENEWED = 'kt.renewed'
const ONCE_IN_MS = 60_000

/**
 * Loads the page anew, never while nobody answers: the browser's own page would be all that is left. A view
 * that is missing does so by itself, once in a minute, so that it cannot go round in circles, and when the
 * network is back.
 */
function useRenewal(missing: boolean, reload: () => void): [Renewal, () => void] {
  const [byItself] = useState(() => missing && lastRenewal() < Date.now() - ONCE_IN_MS)
  const [renewal, setRenewal] = useState<Renewal>(byItself ? 'asking' : 'no')
  const ask = useCallback(() => {
    api
      .GET('/api/session')
      .then(({ response }) => {
        // Whoever is signed in or not: somebody answers there.
        setRenewal(response.status < 500 ? 'coming' : 'away')
        if (response.status >= 500) return
        sessionStorage.setItem(RENEWED, String(Date.now()))
        reload()
      })
      .catch(() => setRenewal('away'))
  }, [reload])
  useEffect(() => {
    if (!missing) return
    if (byItself) ask()
    addEventListener('online', ask)
    return () => removeEventListener('online', ask)
  }, [missing, byItself, ask])
  const renew = () => {
    setRenewal('asking')
    ask()
  }
  return [renewal, renew]
}

function lastRenewal(): number {
  return Number(sessionStorage.getItem(RENEWED) ?? 0)
}
