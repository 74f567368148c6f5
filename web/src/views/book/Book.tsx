// The book: type a few letters, be on the dog.
import { useInfiniteQuery, useQuery } from '@tanstack/react-query'
import { CalendarDays, House, Phone, Plus, Search, TriangleAlert } from 'lucide-react'
import { useDeferredValue, useEffect, useRef, useState, type KeyboardEvent } from 'react'
import { Link, useLocation, useNavigate } from 'react-router'
import { api, take, type Schemas } from '../../app/client'
import { queries } from '../../app/queries'
import { useSession } from '../../app/session'
import { PhoneQuote } from '../../parts/PhoneQuote'
import { Button } from '../../ui/Button'
import { LinkButton } from '../../ui/LinkButton'
import { Resting } from '../../ui/Resting'
import { Waiting } from '../../ui/Waiting'
import { shortDay } from '../../ui/words'
import { FirstSteps } from './FirstSteps'

type Row = Schemas['BookRowView']

export function Book() {
  const { may } = useSession()
  const go = useNavigate()
  const { state } = useLocation() as { state: { find?: number } | null }
  const [typed, setTyped] = useState('')
  const q = useDeferredValue(typed.trim())
  const [quoting, setQuoting] = useState(false)
  const input = useRef<HTMLInputElement>(null)
  const list = useRef<HTMLUListElement>(null)
  useEffect(() => input.current?.focus(), [state?.find])
  const found = useQuery({ ...queries.book(q), enabled: q !== '' })
  const all = useInfiniteQuery({
    queryKey: ['book', 'all'],
    queryFn: ({ pageParam }) =>
      take(api.GET('/api/dogs', { params: { query: pageParam ? { cursor: pageParam } : {} } })),
    initialPageParam: '',
    getNextPageParam: (page) => page.next,
    enabled: q === '',
  })
  const rows: Row[] = q === '' ? (all.data?.pages.flatMap((p) => p.dogs) ?? []) : (found.data?.dogs ?? [])
  const now = q === '' ? all : found
  const settled =
    q === typed.trim() && !(q === '' ? all.isPending : found.isPlaceholderData || found.isPending)
  const first = rows[0]?.id
  // Enter may come before the answer does: it opens the first dog of what was typed, not of what was typed
  // before.
  const [wanted, setWanted] = useState<string | null>(null)
  useEffect(() => {
    if (wanted === typed && settled && first) void go(`/dogs/${first}`)
  }, [wanted, typed, settled, first, go])
  // Arrow keys walk from the field through the dogs and back; typing goes on in the field.
  const onKey = (e: KeyboardEvent) => {
    const links = [...(list.current?.querySelectorAll<HTMLAnchorElement>('a:not([data-home])') ?? [])]
    const at = links.indexOf(document.activeElement as HTMLAnchorElement)
    if (e.key === 'ArrowDown' || e.key === 'ArrowUp') {
      e.preventDefault()
      const next = at + (e.key === 'ArrowDown' ? 1 : -1)
      if (next < 0) input.current?.focus()
      else links[Math.min(next, links.length - 1)]?.focus()
    } else if (e.key === 'Enter' && e.target === input.current) setWanted(typed)
    else if (e.key === 'Escape') {
      setTyped('')
      input.current?.focus()
    } else if (
      at >= 0 &&
      e.key.length === 1 &&
      e.key !== ' ' &&
      e.key !== '/' &&
      !e.ctrlKey &&
      !e.metaKey &&
      !e.altKey
    )
      input.current?.focus()
  }
  return (
    <div className="mx-auto flex w-full max-w-5xl flex-1 flex-col gap-4 p-4 sm:p-6" onKeyDown={onKey}>
      <div className="flex flex-wrap items-end gap-3">
        <div className="relative min-w-60 flex-1">
          <h1 className="mb-2 text-3xl">
            <label htmlFor="find">Which dog?</label>
          </h1>
          <Search aria-hidden className="pointer-events-none absolute bottom-4 left-4 size-6 text-ink-2" />
          <input
            id="find"
            ref={input}
            className="field min-h-14 pl-13 text-xl"
            placeholder="Name, owner, breed or phone digits"
            type="search"
            aria-describedby="found"
            autoComplete="off"
            value={typed}
            onChange={(e) => (setTyped(e.target.value), setWanted(null))}
          />
        </div>
        <LinkButton to="/day" className="min-h-14">
          <CalendarDays aria-hidden className="size-5" /> Day list
        </LinkButton>
        <Button onClick={() => setQuoting(true)} className="min-h-14">
          <Phone aria-hidden className="size-5" /> Phone quote
        </Button>
        {may('dog') && (
          <Button
            onClick={() => void go('/dogs/new', { state: { name: named(typed, rows) } })}
            className="min-h-14"
          >
            <Plus aria-hidden className="size-5" /> New dog
          </Button>
        )}
      </div>
      <p id="found" role="status" className="min-h-6 text-sm text-ink-2">
        {now.isPending
          ? ''
          : q === ''
            ? rows.length > 0
              ? 'All dogs by name. Enter opens the first, arrow keys walk through them.'
              : ''
            : rows.length === 0
              ? `Nobody called “${q}”, nor a typo away from it.`
              : found.data?.near
                ? `Nothing matches “${q}” as typed; these are a typo away.`
                : `${rows.length}${rows.length === 25 ? ' or more' : ''} found`}
      </p>
      {now.isError && rows.length === 0 ? (
        <Resting error={now.error} retry={() => void now.refetch()} />
      ) : now.isPending ? (
        <Waiting />
      ) : q === '' && rows.length === 0 && may('people') ? (
        <FirstSteps />
      ) : (
        <ul id="dogs" ref={list} aria-label="Dogs" className="panel divide-y divide-line overflow-hidden">
          {rows.map((r, i) => (
            <li key={r.id} className="flex">
              <Link
                to={`/dogs/${r.id}`}
                className={`${i === 0 && q !== '' ? 'bg-thistle-soft ' : ''}grid min-h-16 min-w-0 flex-1
                  grid-cols-[1fr_auto]
                  items-center gap-x-4 gap-y-0 px-4 py-2 hover:bg-well
                  sm:grid-cols-[minmax(0,1.2fr)_minmax(0,1.2fr)_9rem_9rem]`}
              >
                <span>
                  <span className="font-head text-lg font-bold">{r.name}</span>
                  {r.cautions > 0 && (
                    <span className="ml-2 inline-flex items-center gap-1 text-sm text-haw">
                      <TriangleAlert aria-hidden className="size-4" /> {r.cautions}
                      <span className="sr-only"> health cautions</span>
                    </span>
                  )}
                  {r.state !== 'active' && (
                    <span className="ml-2 rounded bg-well px-2 text-sm text-ink-2">
                      {r.state.replace('_', ' ')}
                    </span>
                  )}
                  <span className="block text-sm text-ink-2">
                    {r.breed} · {r.coat.replaceAll('_', ' ')}
                  </span>
                </span>
                <span className="max-sm:text-right">
                  {r.person}
                  <span className="block text-sm text-ink-2">{r.phone}</span>
                </span>
                <span className="text-sm max-sm:hidden">
                  <span className="block text-ink-2">last visit</span>
                  {shortDay(r.last_visit)}
                </span>
                <span className="text-sm max-sm:hidden">
                  <span className="flex items-center gap-1 text-ink-2">
                    <CalendarDays aria-hidden className="size-4" /> booked
                  </span>
                  {shortDay(r.next_booking)}
                </span>
              </Link>
              <Link
                to={`/homes/${r.home}`}
                data-home
                aria-label={`The ${r.household} home of ${r.name}`}
                className="grid w-12 shrink-0 place-items-center text-ink-2 hover:bg-well"
              >
                <House aria-hidden className="size-5" />
              </Link>
            </li>
          ))}
          {rows.length === 0 && (
            <li className="p-6 text-ink-2">
              {q === ''
                ? 'The book is empty. Take the first dog in.'
                : 'Try fewer letters, the owner, or the last digits of the phone number.'}
            </li>
          )}
        </ul>
      )}
      {quoting && <PhoneQuote onClose={() => setQuoting(false)} />}
      {q === '' && all.hasNextPage && <Button onClick={() => void all.fetchNextPage()}>More dogs</Button>}
    </div>
  )
}

/** What was looked for is the new dog's name, unless a dog that is there begins so; digits are a phone. */
function named(typed: string, rows: Row[]): string {
  const name = typed.trim()
  const there = rows.some((r) => r.name.toLowerCase().startsWith(name.toLowerCase()))
  return there || /\d/.test(name) ? '' : name.charAt(0).toUpperCase() + name.slice(1)
}
