// Shown in place of a view that failed: in plain words, with a way on. A view whose script is gone, because a newer
// Keen Thistle was put in place meanwhile, loads itself anew.
import { useEffect, useState } from 'react'
import { useRouteError } from 'react-router'
import { Button } from '../ui/Button'
import { api } from './client'

/** The script of a view could not be had: the salon is out of reach, or a newer version has other files. */
export class ViewMissing extends Error {}

export function Broken({ error, reload = () => location.reload() }: { error: unknown; reload?: () => void }) {
  const missing = error instanceof ViewMissing
  const renewing = useRenewal(missing, reload)
  return (
    <div role="alert" className="panel mx-auto my-10 max-w-lg space-y-3 p-6">
      <h1 className="text-xl">
        {missing ? 'This page could not be loaded' : 'Something on this page broke'}
      </h1>
      <p>
        {missing
          ? renewing
            ? 'There is a newer Keen Thistle. One moment …'
            : 'The salon cannot be reached, or there is a newer Keen Thistle. What you entered is still here.'
          : 'What was saved is safe. Load the page again; if it breaks again, tell your manager what you did last.'}
      </p>
      <div className="flex flex-wrap gap-2">
        <Button kind="main" onClick={reload}>
          Load again
        </Button>
        {/* Not a link of the router: what broke may be the router's. */}
        <Button onClick={() => location.assign('/book')}>To the book</Button>
      </div>
    </div>
  )
}

/** The same for a route: the frame with its tabs stays around it. */
export function BrokenRoute() {
  return <Broken error={useRouteError()} />
}

const RENEWED = 'kt.renewed'
const ONCE_IN_MS = 60_000

/** Loads the page anew by itself where the salon answers: once in a minute, so that it cannot go round in circles. */
function useRenewal(missing: boolean, reload: () => void): boolean {
  const [renewing, setRenewing] = useState(false)
  useEffect(() => {
    if (!missing || Date.now() - Number(sessionStorage.getItem(RENEWED) ?? 0) < ONCE_IN_MS) return
    let here = true
    api
      .GET('/api/session')
      .then(({ response }) => {
        // Whoever is signed in or not: somebody answers there.
        if (!here || response.status >= 500) return
        sessionStorage.setItem(RENEWED, String(Date.now()))
        setRenewing(true)
        reload()
      })
      .catch(() => {
        // Out of reach: the button is there when it is back.
      })
    return () => {
      here = false
    }
  }, [missing, reload])
  return renewing
}
