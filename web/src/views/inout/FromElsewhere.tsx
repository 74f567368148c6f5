// An address book or a calendar from elsewhere: looked at, row by row, before anything of it is kept.
import { useQueryClient } from '@tanstack/react-query'
import { FileUp } from 'lucide-react'
import { useRef, useState } from 'react'
import { ApiError, send, writeKey, type Schemas } from '../../app/client'
import { Button } from '../../ui/Button'
import { day } from '../../ui/words'

type Contacts = Schemas['ContactsView']
type Appointments = Schemas['AppointmentsView']

export function FromElsewhere() {
  return (
    <section className="panel space-y-4 p-5" aria-label="From an address book or a calendar">
      <h2 className="text-xl">From an address book or a calendar</h2>
      <File<Contacts>
        title="People (vCard)"
        says="Everybody with a name and a number or an address becomes a home, for when its dog comes."
        accept=".vcf,text/vcard"
        path="/api/contacts"
        ready={(v) => v.contacts.filter((c) => c.state === 'new').length}
        take={(n) => `Take ${n} ${n === 1 ? 'home' : 'homes'} in`}
        done={(v) => `${v.made} ${v.made === 1 ? 'home was' : 'homes were'} taken in.`}
        rows={(v) =>
          v.contacts.map((c) => ({
            what: c.name || 'somebody without a name',
            more: [c.phone, c.email].filter(Boolean).join(', '),
            fault: c.state === 'fault' ? c.why : '',
            note: c.state === 'known' ? 'in the book already' : '',
          }))
        }
      />
      <File<Appointments>
        title="Appointments (iCalendar)"
        says="Each is booked for the dog its title names, where the diary has room; not what has passed."
        accept=".ics,text/calendar"
        path="/api/appointments"
        ready={(v) => v.appointments.filter((a) => a.state === 'ready').length}
        take={(n) => `Book ${n} ${n === 1 ? 'visit' : 'visits'}`}
        done={(v) => `${v.made} ${v.made === 1 ? 'visit was' : 'visits were'} booked.`}
        rows={(v) =>
          v.appointments
            .filter((a) => a.state !== 'past')
            .map((a) => ({
              what: a.title || 'without a title',
              more: [a.day && day(a.day), a.time, a.dog_name && `${a.dog_name}, ${a.kind}`]
                .filter(Boolean)
                .join(', '),
              fault: a.state === 'fault' ? a.why : '',
              note: a.state === 'booked' ? 'booked' : '',
            }))
        }
      />
    </section>
  )
}

interface Row {
  what: string
  more: string
  fault: string
  note: string
}

interface FileProps<View> {
  title: string
  says: string
  accept: string
  path: string
  ready: (view: View) => number
  take: (many: number) => string
  done: (view: View) => string
  rows: (view: View) => Row[]
}

function File<View extends { made: number | null }>(props: FileProps<View>) {
  const { title, says, accept, path, ready, take, done, rows } = props
  const input = useRef<HTMLInputElement>(null)
  const cache = useQueryClient()
  const [file, setFile] = useState<Blob | null>(null)
  const [view, setView] = useState<View | null>(null)
  const [busy, setBusy] = useState(false)
  const [wrong, setWrong] = useState('')
  // One key for one file: a second tap, or a second try, does nothing twice.
  const key = useRef('')
  const give = async (to: string, what: Blob) => {
    setBusy(true)
    setWrong('')
    const body = new FormData()
    body.set('file', what)
    try {
      setView((await send(to, body, key.current)) as View)
    } catch (e) {
      const first = e instanceof ApiError ? e.problem.errors?.[0] : undefined
      setWrong(
        first ? `The file ${first.message}` : e instanceof ApiError ? e.message : 'It did not come through.',
      )
    }
    setBusy(false)
  }
  const choose = (chosen: Blob | undefined) => {
    if (!chosen) return
    key.current = writeKey()
    setFile(chosen)
    setView(null)
    void give(`${path}/answer`, chosen)
    if (input.current) input.current.value = ''
  }
  const many = view ? ready(view) : 0
  return (
    <div className="space-y-2">
      <h3 className="font-bold">{title}</h3>
      <p>{says}</p>
      <input
        ref={input}
        type="file"
        accept={accept}
        className="sr-only"
        tabIndex={-1}
        aria-hidden
        data-for={title}
        onChange={(e) => choose(e.target.files?.[0])}
      />
      <Button disabled={busy} onClick={() => input.current?.click()}>
        <FileUp aria-hidden className="size-5" /> {busy ? 'One moment …' : `Choose: ${title}`}
      </Button>
      {wrong && (
        <p role="alert" className="font-bold text-haw">
          {wrong}
        </p>
      )}
      {view && (
        <>
          {view.made !== null && <p role="status">{done(view)}</p>}
          <ul
            className="max-h-80 divide-y divide-line overflow-y-auto"
            tabIndex={0}
            aria-label={`${title}, row by row`}
          >
            {rows(view).map((r, n) => (
              <li key={n} className="py-1">
                <b>{r.what}</b> {r.more} {r.note && <span className="text-ink-2">· {r.note}</span>}
                {r.fault && <span className="font-bold text-haw">· {r.fault}</span>}
              </li>
            ))}
            {rows(view).length === 0 && <li className="py-1">Nothing of it is still to come.</li>}
          </ul>
          {view.made === null && file && many > 0 && (
            <Button
              kind="main"
              disabled={busy}
              onClick={() => void give(path, file).then(() => cache.invalidateQueries())}
            >
              {take(many)}
            </Button>
          )}
        </>
      )}
    </div>
  )
}
