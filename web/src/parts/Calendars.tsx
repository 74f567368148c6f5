// Calendars that a phone or a programme subscribes to: one link each, made anew or taken back at any time.
import { useQuery, useQueryClient } from '@tanstack/react-query'
import { api, take, type Schemas } from '../app/client'
import { useSession } from '../app/session'
import { useWrite } from '../app/useWrite'
import { Button } from '../ui/Button'
import { useToast } from '../ui/Toasts'

type Calendar = Schemas['CalendarsView']['calendars'][0]
const KEY = ['calendars']

/** own: of who is signed in alone */
export function Calendars({ own }: { own: boolean }) {
  const { session } = useSession()
  const all = useQuery({ queryKey: KEY, queryFn: () => take(api.GET('/api/calendars')) })
  if (!all.data) return null
  const shown = all.data.calendars.filter((c) => !own || c.subject === session.id)
  return (
    <section className="panel space-y-3 p-5" aria-label="Calendars to subscribe to">
      <h2 className="text-xl">{own ? 'Your calendar, elsewhere' : 'Calendars to subscribe to'}</h2>
      <p className="text-sm text-ink-2">
        Whoever has the link reads which dog comes when and for what, until it is taken back: no numbers,
        nothing of health. A new link closes the one before.
      </p>
      <ul className="divide-y divide-line">
        {shown.map((c) => (
          <One key={c.subject} calendar={c} own={own} />
        ))}
      </ul>
    </section>
  )
}

function One({ calendar, own }: { calendar: Calendar; own: boolean }) {
  const cache = useQueryClient()
  const toast = useToast()
  const id = { id: calendar.subject }
  const change = useWrite({
    send: (open: boolean, write) =>
      own
        ? take(
            open
              ? api.PUT('/api/me/calendar', { params: { header: write } })
              : api.DELETE('/api/me/calendar', { params: { header: write } }),
          )
        : take(
            open
              ? api.PUT('/api/calendars/{id}', { params: { path: id, header: write } })
              : api.DELETE('/api/calendars/{id}', { params: { path: id, header: write } }),
          ),
    onSuccess: (now, open) => {
      cache.setQueryData(KEY, now)
      toast({
        text: open ? `${calendar.name}: a new link` : `${calendar.name}: the link opens nothing any more`,
      })
    },
    onError: (e) => toast({ text: e.message, bad: true }),
  })
  const address = calendar.path && `${location.origin}${calendar.path}`
  return (
    <li className="space-y-1 py-3">
      <div className="flex flex-wrap items-center justify-between gap-2">
        <b>{calendar.name}</b>
        <span className="flex flex-wrap gap-2">
          <Button
            disabled={change.isPending}
            aria-label={`${address ? 'New link' : 'Make a link'}, ${calendar.name}`}
            onClick={() => change.mutate(true)}
          >
            {address ? 'New link' : 'Make a link'}
          </Button>
          {address && (
            <Button
              kind="quiet"
              disabled={change.isPending}
              aria-label={`Take it back, ${calendar.name}`}
              onClick={() => change.mutate(false)}
            >
              Take it back
            </Button>
          )}
        </span>
      </div>
      {address && <code className="block break-all rounded-md bg-well px-3 py-2 text-sm">{address}</code>}
    </li>
  )
}
