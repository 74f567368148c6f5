// The frame around every view: where you are, who is tapping, whether the salon can be reached.
import {
  BookOpen,
  CalendarDays,
  Dog,
  Droplets,
  History,
  House,
  Keyboard,
  LayoutTemplate,
  Send,
  Truck,
  Wrench,
  type LucideIcon,
} from 'lucide-react'
import { lazy, Suspense, useEffect, useRef, useState, type RefObject } from 'react'
import { Link, NavLink, Outlet, ScrollRestoration, useLocation, useNavigate } from 'react-router'
import { DOG_KEYS } from '../parts/useDogKeys'
import { Away } from '../ui/Away'
import { Button } from '../ui/Button'
import { Modal } from '../ui/Modal'
import { Emergency } from './Emergency'
import { useKeptHere } from './keptHere'
import { useSession } from './session'

const VIEWS: [string, string, LucideIcon][] = [
  ['/floor', 'Floor', Dog],
  ['/book', 'Book', BookOpen],
  ['/diary', 'Diary', CalendarDays],
  ['/round', 'Round', Truck],
  ['/kit', 'Kit', Wrench],
  ['/wash', 'Wash', Droplets],
  ['/patterns', 'Patterns', LayoutTemplate],
  ['/log', 'Log', History],
  ['/outbox', 'Outbox', Send],
  ['/house', 'House', House],
]

const SHORTCUTS: [string, string][] = [
  ['/', 'find a dog'],
  ...DOG_KEYS,
  ['Arrow keys', 'on the drawn dog: the next zone that way'],
  ['Home, End', 'on the drawn dog: first and last zone'],
  ['Enter', 'on a zone: to its recipe'],
  ['Enter', 'at the table, on the dog: to Done'],
  ['0 to 4', 'at an arrival, on a zone: what the comb finds'],
  ['Arrow keys', 'in the diary and the year, on a visit: another time, Enter moves it'],
  ['Esc', 'close what is open'],
  ['!', 'in an emergency: whom to call, what to do'],
  ['?', 'this list'],
]

// Not needed to sign in.
const KeptStrip = lazy(async () => ({ default: (await import('./KeptStrip')).KeptStrip }))
const HouseStrip = lazy(async () => ({ default: (await import('./HouseStrip')).HouseStrip }))
const PersonMenu = lazy(async () => ({ default: (await import('./PersonMenu')).PersonMenu }))

export function Shell() {
  const { session, may, signedIn } = useSession()
  const go = useNavigate()
  const [help, setHelp] = useState(false)
  const online = useOnline()
  const kept = useKeptHere()
  const main = useRef<HTMLElement>(null)
  useFocusOnPage(main)
  useEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      const typing = e.target instanceof HTMLElement && /^(INPUT|TEXTAREA|SELECT)$/.test(e.target.tagName)
      if (typing || e.ctrlKey || e.metaKey || e.altKey) return
      if (e.key === '/') {
        e.preventDefault()
        void go('/book', { state: { find: Date.now() } })
      }
      if (e.key === '?') setHelp(true)
    }
    addEventListener('keydown', onKey)
    return () => removeEventListener('keydown', onKey)
  }, [go])
  const tab = ({ isActive }: { isActive: boolean }) =>
    `flex min-h-12 items-center gap-1.5 border-b-4 px-2.5 font-bold short:min-h-10 short:border-b-0
      short:border-l-4 phone:min-h-14 phone:flex-1 phone:flex-col phone:justify-center phone:gap-0
      phone:border-b-0 phone:border-t-4 phone:px-0.5 phone:text-xs
      ${isActive ? 'border-thistle text-thistle' : 'border-transparent text-ink-2 hover:text-ink'}`
  return (
    <div className="flex min-h-dvh flex-col pb-(--foot) short:pl-14">
      <a
        href="#main"
        className="sr-only focus:not-sr-only focus:absolute focus:z-50 focus:bg-sheet focus:p-3"
      >
        To the content
      </a>
      <header
        className={`no-print flex items-center gap-x-3 border-b border-line bg-sheet px-3 sm:px-5
        short:fixed short:inset-y-0 short:left-0 short:z-20 short:w-14 short:flex-col short:gap-1
        short:overflow-y-auto short:border-b-0 short:border-r short:px-0`}
      >
        <Link
          to="/floor"
          className="flex min-h-12 shrink-0 items-center gap-2 pr-2 font-head text-lg font-bold short:hidden"
        >
          <img src="/thistle.svg" alt="" className="size-7" />
          <span className="whitespace-nowrap leading-none max-sm:sr-only">
            Keen Thistle
            {session.demo && <Demo className="block w-fit max-sm:hidden" />}
          </span>
        </Link>
        {session.demo && <Demo className="sm:hidden short:block" />}
        <nav
          aria-label="Views"
          className={`flex min-w-0 max-w-full overflow-x-auto phone:fixed phone:inset-x-0 phone:bottom-0
            phone:z-20 phone:h-(--foot) phone:border-t phone:border-line phone:bg-sheet short:flex-col
            short:overflow-visible`}
        >
          {VIEWS.map(([to, label, Icon]) => (
            <NavLink key={to} to={to} className={tab}>
              <Icon aria-hidden className="size-5 max-[92rem]:hidden phone:block short:block" />
              <span className="short:sr-only">{label}</span>
            </NavLink>
          ))}
        </nav>
        <span
          className={`ml-auto min-w-0 shrink-9 truncate text-sm text-ink-2 max-[88rem]:hidden
            short:hidden`}
        >
          {session.salon}
        </span>
        <button
          type="button"
          onClick={() => setHelp(true)}
          className={`grid size-11 place-items-center rounded-md text-ink-2 hover:bg-well max-lg:ml-auto
            max-md:hidden short:hidden min-[64rem]:max-[88rem]:ml-auto`}
          aria-label="Keyboard shortcuts"
        >
          <Keyboard aria-hidden className="size-5" />
        </button>
        <Emergency />
        <Suspense fallback={<span className="mx-2 size-9 rounded-full bg-well" />}>
          <PersonMenu />
        </Suspense>
      </header>
      {session.pin_refused_at && (
        <div
          role="alert"
          className="flex flex-wrap items-center gap-3 bg-bracken-soft px-5 py-2 font-bold text-bracken"
        >
          <p className="min-w-0 flex-1 basis-72">
            A wrong PIN was typed for you five times, last at {clock(session.pin_refused_at)}. Your password
            has made your PIN good again. If that was not you, tell your manager.
          </p>
          <Button onClick={() => signedIn({ ...session, pin_refused_at: null })}>I have seen it</Button>
        </div>
      )}
      {may('people') && (
        <Suspense fallback={null}>
          <HouseStrip demo={session.demo} />
        </Suspense>
      )}
      <Suspense fallback={null}>
        <KeptStrip online={online} />
      </Suspense>
      {!online && kept.open === null && (
        <Away>No connection. What you enter stays here until the salon can be reached again.</Away>
      )}
      <main id="main" ref={main} tabIndex={-1} className="flex flex-1 flex-col outline-none">
        <Outlet />
      </main>
      <ScrollRestoration />
      <Modal open={help} onClose={() => setHelp(false)} title="Keyboard">
        <dl className="grid grid-cols-[auto_1fr] gap-x-4 gap-y-2">
          {SHORTCUTS.map(([key, what]) => (
            <div key={key} className="contents">
              <dt>
                <kbd className="rounded border border-line bg-well px-2 py-0.5 font-bold">{key}</kbd>
              </dt>
              <dd>{what}</dd>
            </div>
          ))}
        </dl>
      </Modal>
    </div>
  )
}

function Demo({ className }: { className: string }) {
  return (
    <span className={`rounded bg-slate-soft px-1.5 font-sans text-xs/4 font-bold text-slate ${className}`}>
      Demo<span className="sr-only">: this salon, its people and its dogs are made up</span>
    </span>
  )
}

function useOnline(): boolean {
  const [online, setOnline] = useState(navigator.onLine)
  useEffect(() => {
    const set = () => setOnline(navigator.onLine)
    addEventListener('online', set)
    addEventListener('offline', set)
    return () => {
      removeEventListener('online', set)
      removeEventListener('offline', set)
    }
  }, [])
  return online
}

/** Another page: reading and Tab go on at its beginning, unless it has put the focus somewhere itself. */
function useFocusOnPage(main: RefObject<HTMLElement | null>) {
  const { pathname } = useLocation()
  const before = useRef(pathname)
  useEffect(() => {
    if (before.current === pathname) return
    before.current = pathname
    if (!main.current?.contains(document.activeElement)) main.current?.focus({ preventScroll: true })
  }, [main, pathname])
}

/** Without the library of dates, which signing in does not need. */
function clock(iso: string): string {
  return new Date(iso).toLocaleTimeString([], { hour: '2-digit', minute: '2-digit' })
}
