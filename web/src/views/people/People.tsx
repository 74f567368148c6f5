// Who works here: invited, changed, let go, had back; what each role may.
import { useQuery, useQueryClient } from '@tanstack/react-query'
import { UserPlus } from 'lucide-react'
import { useState } from 'react'
import { Link } from 'react-router'
import type { Schemas } from '../../app/client'
import { queries } from '../../app/queries'
import { useSession } from '../../app/session'
import { Button } from '../../ui/Button'
import { Resting } from '../../ui/Resting'
import { Waiting } from '../../ui/Waiting'
import { day } from '../../ui/words'
import { ChangePerson } from './ChangePerson'
import { InvitePerson } from './InvitePerson'
import { Links } from './Links'
import { Places } from './Places'
import { SignIns } from './SignIns'

type Person = Schemas['PersonView']

export function People() {
  const people = useQuery(queries.people())
  const cache = useQueryClient()
  const [inviting, setInviting] = useState(false)
  const [changing, setChanging] = useState<string | null>(null)
  if (!people.data)
    return people.error ? <Resting error={people.error} retry={() => void people.refetch()} /> : <Waiting />
  const { data } = people
  const again = () => {
    void cache.invalidateQueries({ queryKey: ['people'] })
    void cache.invalidateQueries({ queryKey: ['session'] })
  }
  const here = data.people.filter((p) => p.active)
  const gone = data.people.filter((p) => !p.active)
  const changed = data.people.find((p) => p.id === changing)
  return (
    <div className="mx-auto w-full max-w-4xl space-y-4 p-4 sm:p-6">
      <div className="flex flex-wrap items-center justify-between gap-3">
        <h1 className="text-3xl">People and places</h1>
        <Button kind="main" onClick={() => setInviting(true)}>
          <UserPlus aria-hidden className="size-5" /> Invite somebody
        </Button>
      </div>
      <Links links={data.invitations} after={again} />
      <List title="Work here" people={here} onChange={setChanging} />
      {gone.length > 0 && <List title="Work here no more" people={gone} onChange={setChanging} />}
      <Places />
      <SignIns />
      <section className="panel p-4" aria-labelledby="roles">
        <h2 id="roles" className="mb-2 text-xl">
          What each role may
        </h2>
        <ul className="grid gap-4 sm:grid-cols-2">
          {data.roles.map((r) => (
            <li key={r.id}>
              <h3 className="font-bold">{r.label}</h3>
              <ul className="list-disc pl-5 text-sm text-ink-2">
                {r.may.map((m) => (
                  <li key={m}>{m}</li>
                ))}
              </ul>
            </li>
          ))}
        </ul>
      </section>
      {inviting && (
        <InvitePerson
          roles={data.roles}
          onClose={() => {
            setInviting(false)
            again()
          }}
        />
      )}
      {changed && (
        <ChangePerson
          key={`${changed.id}.${changed.version}`}
          person={changed}
          roles={data.roles}
          after={again}
          onClose={() => setChanging(null)}
        />
      )}
    </div>
  )
}

function List({
  title,
  people,
  onChange,
}: {
  title: string
  people: Person[]
  onChange: (id: string) => void
}) {
  const { session } = useSession()
  const places = Object.fromEntries(session.places.map((p) => [p.id, p.name]))
  return (
    <section aria-label={title}>
      <h2 className="mb-2 text-xl">{title}</h2>
      <ul className="panel divide-y divide-line">
        {people.map((p) => (
          <li key={p.id} className="px-4 py-3">
            <div className="flex flex-wrap items-center justify-between gap-x-4 gap-y-1">
              <p>
                <b>{p.name}</b> {p.id === session.id && <span className="text-ink-2">(you)</span>}
                <span className="block text-sm text-ink-2">
                  {[p.role_label, p.place && places[p.place], `signs in as ${p.login}`]
                    .filter(Boolean)
                    .join(' · ')}
                </span>
              </p>
              <Button aria-label={`Change ${p.name}`} onClick={() => onChange(p.id)}>
                Change
              </Button>
            </div>
            {p.ahead.length > 0 && (
              <div className="mt-2 rounded-md bg-bracken-soft p-3 text-sm">
                <p className="font-bold text-bracken">
                  Still booked with {p.name}. Give each to somebody else, or tell its owner:
                </p>
                <ul>
                  {p.ahead.map((b) => (
                    <li key={b.booking}>
                      <Link className="underline underline-offset-2" to={`/dogs/${b.dog_id}?tab=back`}>
                        {b.dog}
                      </Link>
                      , {day(b.day)}, {b.time}, {b.kind}
                    </li>
                  ))}
                </ul>
              </div>
            )}
          </li>
        ))}
      </ul>
    </section>
  )
}
