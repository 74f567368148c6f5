// Said on every page while something done here is not with the salon, was refused there, or is reckoned
// otherwise; and that a newer version is here, never in the middle of a groom.
import { Link, useLocation } from 'react-router'
import { Button } from '../ui/Button'
import { useKeptHere } from './keptHere'
import { takeUpdate } from './update'

const many = (n: number, one: string, more: string) => `${n} ${n === 1 ? one : more}`

export function KeptStrip({ online }: { online: boolean }) {
  const { open, waiting, refused, differs, away, signin, update, evicted, full } = useKeptHere()
  const { pathname } = useLocation()
  const said = [
    open !== null && (away || !online) && 'No connection: you work with what is kept here.',
    waiting > 0 &&
      `${many(waiting, 'thing waits', 'things wait')} here for the salon${
        signin ? ': sign in, and it is sent' : away || !online ? '' : ', on the way'
      }.`,
    refused > 0 && `${many(refused, 'was', 'were')} not taken: look at it.`,
    differs > 0 && 'The salon reckons some of it otherwise.',
    full &&
      'This device has no room left: what you enter stays on its page only. Make room, or go where there ' +
        'is a signal, before you close it.',
    evicted && 'The browser has thrown away what was kept on this device.',
  ].filter(Boolean)
  const asks = update && !pathname.startsWith('/grooms/')
  if (said.length === 0 && !asks) return null
  return (
    <div
      role="status"
      data-testid="kept-strip"
      className="no-print flex flex-wrap items-center gap-x-4 gap-y-1 bg-bracken-soft px-5 py-1.5 text-sm
        font-bold text-bracken"
    >
      {said.length > 0 && (
        <p className="min-w-0 flex-1 basis-60">
          {said.join(' ')}{' '}
          <Link to="/kept" className="inline-block min-h-6 underline underline-offset-2">
            On this device
          </Link>
        </p>
      )}
      {asks && (
        <p className="flex flex-wrap items-center gap-2">
          A newer Keen Thistle is here.
          <Button className="min-h-9" onClick={takeUpdate}>
            Take it now
          </Button>
        </p>
      )}
    </div>
  )
}
