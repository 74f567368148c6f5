// Change of person on a shared tablet, or to one's other salon: one tap and a short PIN. Also signing out.
import { LogOut, Store, UserRound } from 'lucide-react'
import { Popover } from 'radix-ui'
import { useState, type FormEvent } from 'react'
import { Link } from 'react-router'
import { Button } from '../ui/Button'
import { api, ApiError, take } from './client'
import { useKeptHere } from './keptHere'
import { useSession } from './session'

const OWN = 'inline-flex min-h-11 items-center underline underline-offset-2'

export function PersonMenu() {
  const { session, may, signedIn, signedOut } = useSession()
  const [open, setOpen] = useState(false)
  const [next, setNext] = useState<string | null>(null)
  const [pin, setPin] = useState('')
  const [error, setError] = useState('')
  const other = session.salons.find((s) => s.id === next)
  const change = async (e: FormEvent) => {
    e.preventDefault()
    if (!next) return
    try {
      signedIn(await take(api.POST('/api/session/person', { body: { staff: next, pin } })))
      setOpen(false)
      setNext(null)
    } catch (e) {
      setError(
        e instanceof ApiError
          ? e.fields.pin
            ? `That ${e.fields.pin}.`
            : e.message
          : 'Something went wrong.',
      )
    }
    setPin('')
  }
  const kept = useKeptHere()
  const signOut = async () => {
    await take(api.DELETE('/api/session')).catch(() => null)
    signedOut()
  }
  return (
    <Popover.Root open={open} onOpenChange={(o) => (setOpen(o), setNext(null), setError(''))}>
      <Popover.Trigger
        className={`flex min-h-12 items-center gap-2 rounded-md px-2 font-bold hover:bg-well
        short:px-0`}
      >
        <span className="grid size-9 place-items-center rounded-full bg-thistle text-thistle-ink" aria-hidden>
          {session.name
            .split(' ')
            .map((w) => w[0])
            .join('')}
        </span>
        <span className="whitespace-nowrap text-left leading-tight phone:sr-only short:sr-only">
          {session.name.split(' ')[0]}
          <span className="block text-xs font-normal text-ink-2">{session.role_label}</span>
        </span>
        <span className="sr-only">, change person</span>
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          align="end"
          sideOffset={6}
          className="panel z-40 w-72 p-4 shadow-xl"
          aria-label="Change person"
        >
          <h2 className="mb-2 text-lg">Who is at the table?</h2>
          {next === null ? (
            <ul className="space-y-1">
              {session.colleagues.map((c) => (
                <li key={c.id}>
                  <button
                    type="button"
                    disabled={c.id === session.id}
                    onClick={() => (setNext(c.id), setError(''))}
                    className={`flex min-h-12 w-full items-center gap-3 rounded-md px-2
                      text-left hover:bg-well
                      disabled:bg-thistle-soft`}
                  >
                    <UserRound aria-hidden className="size-5 text-ink-2" />
                    <span>
                      {c.name}{' '}
                      <span className="text-sm text-ink-2">
                        {c.id === session.id ? '· at it now' : c.role}
                      </span>
                    </span>
                  </button>
                </li>
              ))}
              {session.salons.map((s) => (
                <li key={s.id}>
                  <button
                    type="button"
                    onClick={() => (setNext(s.id), setError(''))}
                    className={`flex min-h-12 w-full items-center gap-3 rounded-md px-2
                      text-left hover:bg-well`}
                  >
                    <Store aria-hidden className="size-5 text-ink-2" />
                    <span>
                      {s.salon} <span className="text-sm text-ink-2">my other salon</span>
                    </span>
                  </button>
                </li>
              ))}
            </ul>
          ) : (
            <form onSubmit={(e) => void change(e)} className="space-y-3">
              <label className="label" htmlFor="pin">
                {other
                  ? `Your PIN at ${other.salon}`
                  : `PIN of ${session.colleagues.find((c) => c.id === next)?.name}`}
              </label>
              <input
                id="pin"
                className="field text-center text-2xl tracking-[0.4em]"
                inputMode="numeric"
                autoComplete="off"
                type="password"
                maxLength={8}
                value={pin}
                autoFocus
                onChange={(e) => setPin(e.target.value.replace(/\D/g, ''))}
                aria-invalid={error !== ''}
                aria-describedby="pin-error"
              />
              <p id="pin-error" role="alert" className="text-sm font-bold text-haw">
                {error}
              </p>
              <div className="flex gap-2">
                <Button type="submit" kind="main" disabled={pin.length < 4}>
                  {other ? 'Change over' : 'Take over'}
                </Button>
                <Button onClick={() => setNext(null)}>Back</Button>
              </div>
            </form>
          )}
          <p className="mt-4 flex gap-4 border-t border-line pt-3 font-bold text-thistle">
            <Link to="/me" className={OWN} onClick={() => setOpen(false)}>
              My own: password, PIN, screens
            </Link>
            {may('people') && (
              <Link to="/people" className={OWN} onClick={() => setOpen(false)}>
                People and places
              </Link>
            )}
          </p>
          {kept.waiting > 0 && (
            <p className="mb-2 text-sm font-bold text-bracken">
              {kept.waiting} of your things are not with the salon yet. They stay sealed on this device until
              you sign in here again.
            </p>
          )}
          <div className="flex items-center justify-between gap-2">
            <Link to="/kept" className={`${OWN} font-bold text-thistle`} onClick={() => setOpen(false)}>
              On this device
            </Link>
            <Button onClick={() => void signOut()}>
              <LogOut aria-hidden className="size-4" /> Sign out
            </Button>
          </div>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  )
}
