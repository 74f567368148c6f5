// In an emergency: one tap from anywhere, without a network too. Whom to call, the vet, weight and
// conditions, first steps in general words; what happened is noted afterwards.
import { useQuery, useQueryClient } from '@tanstack/react-query'
import { Phone, Siren } from 'lucide-react'
import { useEffect, useState } from 'react'
import { Link, useLocation } from 'react-router'
import { Cautions } from '../parts/Cautions'
import { FirstAid } from '../parts/FirstAid'
import { Choice } from '../ui/Choice'
import { SelectField } from '../ui/Field'
import { Modal } from '../ui/Modal'
import type { Schemas } from './client'
import { queries } from './queries'
import { weightForVet } from '../ui/units'

type Dog = Schemas['EmergencyDogView']
const WORST = 'collapse'

export function Emergency() {
  const [open, setOpen] = useState(false)
  const here = useDogHere()
  // Fetched before it is needed, and kept: in an emergency there may be no network.
  const dogs = useQuery(queries.emergency(here))
  const today = useQuery(queries.emergency(''))
  useQuery({ ...queries.words(), enabled: useQuiet() })
  useEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      const typing = e.target instanceof HTMLElement && /^(INPUT|TEXTAREA|SELECT)$/.test(e.target.tagName)
      if (e.key === '!' && !typing && !e.ctrlKey && !e.metaKey && !e.altKey) setOpen(true)
    }
    addEventListener('keydown', onKey)
    return () => removeEventListener('keydown', onKey)
  }, [])
  const list = dogs.data?.dogs ?? today.data?.dogs ?? []
  return (
    <>
      <button
        type="button"
        onClick={() => setOpen(true)}
        className={`my-0.5 inline-flex min-h-10 items-center gap-1.5 rounded-md border border-haw px-2.5
          text-sm font-bold text-haw hover:bg-haw-soft phone:ml-auto`}
      >
        <Siren aria-hidden className="size-5" /> <span className="short:sr-only">Emergency</span>
      </button>
      {open && <Sheet dogs={list} first={here} onClose={() => setOpen(false)} />}
    </>
  )
}

/** Once the page has nothing to do, or three seconds at the latest. */
function useQuiet(): boolean {
  const [quiet, setQuiet] = useState(false)
  useEffect(() => {
    const now = () => setQuiet(true)
    if (!('requestIdleCallback' in globalThis)) return waited(now)
    const asked = requestIdleCallback(now, { timeout: 3000 })
    return () => cancelIdleCallback(asked)
  }, [])
  return quiet
}

function waited(then: () => void) {
  const timer = setTimeout(then, 1000)
  return () => clearTimeout(timer)
}

function Sheet({ dogs, first, onClose }: { dogs: Dog[]; first: string; onClose: () => void }) {
  const words = useQuery(queries.words())
  const [id, setId] = useState(
    () => dogs.find((d) => d.id === first)?.id ?? (dogs.length === 1 ? (dogs[0]?.id ?? '') : ''),
  )
  const [what, setWhat] = useState(WORST)
  const dog = dogs.find((d) => d.id === id)
  const aid = words.data?.incidents.find((i) => i.id === what)
  return (
    <Modal open wide onClose={onClose} title={dog ? `Emergency: ${dog.name}` : 'Emergency'}>
      <div className="space-y-4">
        {(!dog || dogs.length > 1) && (
          <SelectField
            label="Which dog"
            value={id}
            options={[
              { id: '', label: dogs.length === 0 ? 'nobody is here today' : 'choose the dog' },
              ...dogs.map((d) => ({ id: d.id, label: d.here ? d.name : `${d.name}, not here today` })),
            ]}
            onChange={(e) => setId(e.target.value)}
          />
        )}
        {dog && <Facts dog={dog} />}
        {words.data && (
          <section aria-label="First steps" className="space-y-2">
            <Choice
              small
              label="What happened"
              value={what}
              onChange={setWhat}
              options={words.data.incidents.map((i) => ({ id: i.id, label: i.label }))}
            />
            {aid && <FirstAid aid={aid} />}
            <p className="text-sm text-ink-2">
              First aid in general words: the vet on the phone says what is right for this dog.
            </p>
          </section>
        )}
        {dog?.groom && (
          <p className="border-t border-line pt-3">
            <Link
              to={`/grooms/${dog.groom}`}
              state={{ incident: what }}
              onClick={onClose}
              className={`inline-flex min-h-12 items-center font-bold text-thistle underline
                underline-offset-2`}
            >
              Afterwards: note what happened
            </Link>
          </p>
        )}
        {dog && !dog.groom && (
          <p className="border-t border-line pt-3 text-sm text-ink-2">
            {dog.name} is at no table. Open its table to note what happened.
          </p>
        )}
      </div>
    </Modal>
  )
}

function Facts({ dog }: { dog: Dog }) {
  const vet = split(dog.vet)
  return (
    <section aria-label="Whom to call" className="space-y-2">
      <p className="text-lg">
        <b>{dog.kg === null ? 'Not weighed yet' : weightForVet(dog.kg)}</b>, {dog.breed}
      </p>
      <ul className="space-y-2">
        <Call who="Its vet" name={vet.name || 'no vet on the card: the nearest one open'} phone={vet.phone} />
        {dog.people.map((p, i) => (
          <Call key={p.name} who={i === 0 ? 'Owner' : 'Second contact'} name={p.name} phone={p.phone} />
        ))}
        {dog.people.length < 2 && (
          <li className="text-sm text-bracken">No second contact on the card: ask for one at handover.</li>
        )}
      </ul>
      <Cautions cautions={dog.cautions} />
    </section>
  )
}

function Call({ who, name, phone }: { who: string; name: string; phone: string }) {
  return (
    <li className="flex flex-wrap items-center gap-x-3">
      <span className="min-w-0 flex-1 basis-40">
        <span className="block text-sm text-ink-2">{who}</span>
        <b>{name}</b>
      </span>
      {phone ? (
        <a
          href={`tel:${phone.replace(/[^\d+]/g, '')}`}
          className={`inline-flex min-h-14 items-center gap-2 rounded-md bg-haw px-4 text-lg font-bold
            text-sheet hover:brightness-110`}
        >
          <Phone aria-hidden className="size-5" /> {phone}
        </a>
      ) : (
        <span className="text-sm text-ink-2">no number here</span>
      )}
    </li>
  )
}

/** A vet is one line on the card: the number in it is dialled, the rest is the name. */
function split(vet: string): { name: string; phone: string } {
  const phone = /\+?\d[\d\s/()-]{4,}\d/.exec(vet)?.[0] ?? ''
  return {
    name: vet
      .replace(phone, '')
      .replace(/[,;:\s]+$/, '')
      .trim(),
    phone: phone.trim(),
  }
}

/** The dog whose page is open; "" where there is none. */
function useDogHere(): string {
  const cache = useQueryClient()
  const { pathname } = useLocation()
  const [, page, id = ''] = pathname.split('/')
  if (page === 'dogs') return id === 'new' ? '' : id
  if (page !== 'arrivals' && page !== 'grooms') return ''
  const known = cache.getQueryData<{ dog: { id: string } }>([page === 'arrivals' ? 'arrival' : 'groom', id])
  return known?.dog.id ?? ''
}
