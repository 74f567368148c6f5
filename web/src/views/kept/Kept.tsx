// On this device: the days that are kept here for when there is no signal, and what was done here and is not
// with the salon yet, was refused there, or is reckoned otherwise.
import { keepPreviousData, useQuery, useQueryClient } from '@tanstack/react-query'
import { useEffect } from 'react'
import { Link } from 'react-router'
import { keptHere, useKeptHere } from '../../app/keptHere'
import { queries } from '../../app/queries'
import { useSession } from '../../app/session'
import { Button } from '../../ui/Button'
import { LinkButton } from '../../ui/LinkButton'
import { useToast } from '../../ui/Toasts'
import { clock, day, grouped } from '../../ui/words'
import { Begin } from './Begin'
import { Differences } from './Differences'
import { Refused } from './Refused'

export function Kept() {
  const { session } = useSession()
  const kept = useKeptHere()
  useEffect(() => {
    document.title = 'On this device · Keen Thistle'
  }, [])
  return (
    <div className="mx-auto w-full max-w-3xl space-y-4 p-4 sm:p-6">
      <h1 className="text-3xl">On this device</h1>
      {kept.evicted && <Evicted />}
      {kept.open === session.id ? <Mine open={kept.open} /> : <Begin />}
    </div>
  )
}

function Evicted() {
  return (
    <section role="alert" className="panel space-y-3 border-haw p-4">
      <h2 className="text-xl">The browser has thrown away what was kept here</h2>
      <p>
        It was short of room, or its data was cleared. What the salon had by then is there. What it did not
        have is gone: look at today&rsquo;s dogs, and enter again what is missing while you remember it.
      </p>
      <Button onClick={() => keptHere.mark(false)}>I have seen it</Button>
    </section>
  )
}

function Mine({ open }: { open: string }) {
  const kept = useKeptHere()
  const cache = useQueryClient()
  const toast = useToast()
  const { device } = keptHere
  const days = useQuery(queries.keptDays(open))
  const posts = useQuery({
    queryKey: ['kept-posts', open, kept.waiting, kept.refused],
    queryFn: () => device?.waiting() ?? [],
    placeholderData: keepPreviousData,
    staleTime: 0,
  })
  const waiting = (posts.data ?? []).filter((p) => !p.refused)
  const refused = (posts.data ?? []).filter((p) => p.refused)
  const fetchAgain = async () => {
    await device?.send()
    await device?.pack()
    await cache.invalidateQueries({ queryKey: ['kept-days'] })
    toast(
      keptHere.state.away
        ? { text: 'The salon does not answer yet.', bad: true }
        : { text: 'Your days are as the salon has them.' },
    )
  }
  return (
    <>
      <section className="panel space-y-3 p-4" aria-label="Waits for the salon">
        <h2 className="text-xl">Waits for the salon</h2>
        {kept.signin && (
          <p role="status" className="font-bold text-bracken">
            The salon asks who you are: sign in, and it is sent.
          </p>
        )}
        {kept.waiting === 0 ? (
          <p className="text-ink-2">Nothing: the salon has all that was done here.</p>
        ) : (
          <ol className="divide-y divide-line">
            {waiting.map((p) => (
              <li key={p.n} className="flex flex-wrap gap-x-3 py-1.5">
                <b className="min-w-24">{p.dog}</b>
                <span className="flex-1">{p.what}</span>
                <span className="text-ink-2">{clock(p.at)}</span>
              </li>
            ))}
          </ol>
        )}
        <Button onClick={() => void fetchAgain()}>
          {kept.waiting > 0 ? 'Send it now' : 'Fetch my days again'}
        </Button>
      </section>
      <Refused posts={refused} />
      {kept.differs > 0 && <Differences />}
      <section className="panel space-y-3 p-4" aria-label="My days">
        <h2 className="text-xl">My days</h2>
        <p className="text-sm text-ink-2">
          {kept.promised
            ? 'The browser has promised to keep them until you take them off.'
            : 'The browser may throw them away when it runs short of room: put Keen Thistle on the home ' +
              'screen, and it keeps them. Send what waits whenever there is a signal.'}
        </p>
        {days.data?.length === 0 && (
          <p className="text-ink-2">No dog is booked with you in the next seven days.</p>
        )}
        {grouped(days.data ?? [], (d) => d.on).map(([on, dogs]) => (
          <div key={on}>
            <h3 className="font-bold">{day(on)}</h3>
            <ul className="divide-y divide-line">
              {dogs.map((d) => (
                <li key={d.dog} className="flex flex-wrap items-center gap-x-3 gap-y-1 py-2">
                  <span className="w-12 text-ink-2">{d.time || 'here'}</span>
                  <Link to={`/dogs/${d.dog}`} className="min-w-24 flex-1 py-2 font-bold text-slate underline">
                    {d.name} <span className="font-normal text-ink-2">{d.owner}</span>
                  </Link>
                  {d.here ? (
                    <span className="flex gap-2">
                      <LinkButton to={`/dogs/${d.dog}/arrival`}>Arrival</LinkButton>
                      <LinkButton to={`/dogs/${d.dog}/table`}>Table</LinkButton>
                    </span>
                  ) : (
                    <span className="text-sm text-ink-2">not fetched yet</span>
                  )}
                </li>
              ))}
            </ul>
          </div>
        ))}
      </section>
      <section className="panel space-y-2 p-4" aria-label="Keep no more">
        <h2 className="text-xl">Keep no more</h2>
        <p className="text-ink-2">
          {kept.waiting + kept.refused > 0
            ? 'First the salon has to have what waits here.'
            : 'Takes your dogs off this device. Signing out does the same.'}
        </p>
        <Button disabled={kept.waiting + kept.refused > 0} onClick={() => void device?.forget(open)}>
          Take my days off this device
        </Button>
      </section>
    </>
  )
}
