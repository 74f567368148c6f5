// What people of a home may ask for: everything that is kept of them as a file, or to be forgotten.
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { api, take } from '../../app/client'
import { useWrite } from '../../app/useWrite'
import { Button } from '../../ui/Button'
import { TextField } from '../../ui/Field'
import { Modal } from '../../ui/Modal'
import { Resting } from '../../ui/Resting'
import { useToast } from '../../ui/Toasts'
import { Waiting } from '../../ui/Waiting'

export function OwnData({ home, after }: { home: string; after: () => Promise<void> }) {
  const [asked, setAsked] = useState(false)
  return (
    <section aria-labelledby="own-data" className="panel space-y-2 p-4">
      <h2 id="own-data" className="text-xl">
        Their own data
      </h2>
      <p className="text-ink-2">People may ask for everything that is kept of them, or to be forgotten.</p>
      <div className="flex flex-wrap items-center gap-3">
        <a
          className="inline-flex min-h-11 items-center font-bold text-slate underline"
          href={`/api/homes/${home}/everything`}
          download
        >
          Everything of this home, as a file
        </a>
        <Button onClick={() => setAsked(true)}>Erase this home …</Button>
      </div>
      {asked && <Erase home={home} after={after} onClose={() => setAsked(false)} />}
    </section>
  )
}

function Erase({ home, after, onClose }: { home: string; after: () => Promise<void>; onClose: () => void }) {
  const toast = useToast()
  const [how, setHow] = useState('')
  const look = useQuery({
    queryKey: ['erasure', home],
    queryFn: () => take(api.GET('/api/homes/{id}/erasure', { params: { path: { id: home } } })),
    staleTime: 0,
  })
  const erase = useWrite({
    send: (_: void, write) =>
      take(
        api.POST('/api/homes/{id}/erasure', {
          params: { path: { id: home }, header: write },
          body: { asked: how },
        }),
      ),
    onSuccess: async () => {
      // What is gone is gone from the page as well before it is said.
      await after()
      onClose()
      toast({ text: 'This home is erased' })
    },
  })
  const d = look.data
  return (
    <Modal open onClose={onClose} title="Erase this home">
      {!d ? (
        look.error ? (
          <Resting error={look.error} retry={() => void look.refetch()} />
        ) : (
          <Waiting />
        )
      ) : (
        <div className="space-y-3">
          {d.first.length > 0 && (
            <ul className="list-disc rounded-md bg-haw-soft p-3 pl-8 font-bold text-haw">
              {d.first.map((f) => (
                <li key={f}>{f}</li>
              ))}
            </ul>
          )}
          <h3 className="font-bold">This goes, for good</h3>
          <ul className="list-disc pl-5">
            {d.goes.map((g) => (
              <li key={g}>{g}</li>
            ))}
          </ul>
          <h3 className="font-bold">This stays</h3>
          <ul className="list-disc pl-5">
            {d.stays.map((s) => (
              <li key={s.what}>
                <b>{s.what}</b>: {s.why}
              </li>
            ))}
          </ul>
          <p className="text-ink-2">Copies and files made of the salon before are gone after a month.</p>
          <TextField
            label="How it was asked for, without a name"
            hint="such as: by letter of 3 May"
            maxLength={120}
            value={how}
            onChange={(e) => setHow(e.target.value)}
            error={erase.fields.asked}
          />
          <p role="alert" className="font-bold text-haw">
            {erase.error && !erase.fields.asked && erase.error.message}
          </p>
          <Button kind="main" disabled={d.first.length > 0 || erase.isPending} onClick={() => erase.mutate()}>
            {erase.isPending ? 'One moment …' : 'Erase it'}
          </Button>
        </div>
      )}
    </Modal>
  )
}
