// The end of a groom: the look, what it took, the price, the next dates, and what the owner hears; closed in
// one tap.
import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useState, type ReactNode } from 'react'
import { useParams } from 'react-router'
import { api, ApiError, take, type Schemas } from '../../app/client'
import { queries } from '../../app/queries'
import { useSession } from '../../app/session'
import { Button } from '../../ui/Button'
import { Choice } from '../../ui/Choice'
import { CheckField, TextField } from '../../ui/Field'
import { Resting } from '../../ui/Resting'
import { useToast } from '../../ui/Toasts'
import { Waiting } from '../../ui/Waiting'
import { Photos } from '../../parts/Photos'
import { AsLeft } from './AsLeft'
import { Closed } from './Closed'
import { AsAgreed, Clocks, GrowsOut } from './Ends'
import { Measures } from './Measures'
import { Minutes } from './Minutes'
import { NextDates } from './NextDates'
import { datesToSend, type Dates } from './dates'
import type { Shown, TapData } from '../../parts/taps'
import { useGroom } from './useGroom'
import { LinkButton } from '../../ui/LinkButton'
import { VISIT_KINDS } from '../../parts/kinds'
import { useWrite } from '../../app/useWrite'

export function Finish() {
  const { id = '' } = useParams()
  const at = useGroom(id)
  const words = useQuery(queries.words())
  const finish = useQuery({ ...queries.finish(id, at.groom?.seq ?? 0), enabled: at.groom !== null })
  const arrival = useQuery({
    ...queries.arrival(at.groom?.arrival ?? ''),
    enabled: at.groom !== null,
    refetchInterval: false,
  })
  if (!at.groom || !words.data || !finish.data) {
    const failed = at.error ?? words.error ?? finish.error
    return failed ? (
      <Resting error={failed} retry={() => (void at.refetch(), void finish.refetch())} />
    ) : (
      <Waiting what="Adding it up" />
    )
  }
  const labels = Object.fromEntries(words.data.zones.map((z) => [z.id, z.label]))
  const beside = (
    <div className="grid gap-4 lg:grid-cols-2">
      <section className="panel" aria-label="Measures">
        <Measures dogId={at.groom.dog.id} />
      </section>
      {arrival.data && (
        <section className="panel" aria-label="Photos of this visit">
          <Photos arrival={arrival.data} labels={labels} zone={null} canWork={at.groom.state !== 'closed'} />
        </section>
      )}
    </div>
  )
  return (
    <div className="mx-auto w-full max-w-6xl space-y-4 p-4 sm:p-6">
      <div className="flex flex-wrap items-baseline gap-3">
        <h1 className="flex-1 text-3xl">
          {at.groom.dog.name}{' '}
          <span className="text-xl font-bold text-ink-2">
            {at.groom.state === 'closed' ? 'is finished' : 'is nearly finished'}
          </span>
        </h1>
        <LinkButton to={`/grooms/${id}`}>Back to the table</LinkButton>
      </div>
      {at.waiting > 0 && (
        <p role="status" className="rounded-md bg-bracken-soft px-3 py-2 font-bold text-bracken">
          {at.waiting} taps are still kept here and not in these figures.
        </p>
      )}
      <AsLeft groom={at.groom} labels={labels} />
      {at.groom.state === 'closed' ? (
        <>
          <Closed groom={at.groom} />
          {beside}
        </>
      ) : (
        <Closing groom={at.groom} finish={finish.data} labels={labels} tap={at.tap} unsent={at.waiting > 0}>
          {beside}
        </Closing>
      )}
    </div>
  )
}

interface ClosingProps {
  groom: Shown
  finish: Schemas['FinishView']
  labels: Record<string, string>
  tap: (data: TapData) => void
  unsent: boolean
  /** measures and photos, before it is closed */
  children: ReactNode
}

function Closing({ groom, finish, labels, tap, unsent, children }: ClosingProps) {
  const { may } = useSession()
  const cache = useQueryClient()
  const toast = useToast()
  const [dates, setDates] = useState<Dates>({})
  const [kind, setKind] = useState(finish.kind)
  const [note, setNote] = useState('')
  const [noteOwn, setNoteOwn] = useState(false)
  const [tell, setTell] = useState(finish.phone !== '')
  const [message, setMessage] = useState(finish.message)
  const canWork = may('visit')
  const close = useWrite({
    send: (_: void, write) =>
      take(
        api.POST('/api/grooms/{id}/close', {
          params: { path: { id: groom.id }, header: write },
          body: {
            kind,
            note,
            note_own: noteOwn,
            next: datesToSend(finish, dates),
            message: tell ? message : null,
          },
        }),
      ),
    onSuccess: (next) => {
      cache.setQueryData(['groom', groom.id], next)
      void cache.invalidateQueries({ queryKey: ['card', groom.dog.id] })
      void cache.invalidateQueries({ queryKey: ['repeat', groom.dog.id] })
      toast({ text: `${groom.dog.name}: visit recorded` })
    },
    onError: (e) => {
      if (e instanceof ApiError && e.status >= 400 && e.status < 500) {
        void cache.invalidateQueries({ queryKey: ['groom', groom.id] })
      }
    },
  })
  const unsaid = finish.agreed.filter((p) => p.said === null).length
  return (
    <>
      <div className="grid items-start gap-4 lg:grid-cols-2">
        <section className="panel p-4" aria-label="The look">
          <h2 className="text-xl">From all sides</h2>
          <ul className="mt-1 divide-y divide-line">
            {finish.look.map((l) => (
              <li key={l.look} className="py-1">
                <CheckField
                  label={l.words}
                  checked={l.ok}
                  disabled={!canWork}
                  onChange={(e) => tap({ kind: 'look', look: l.look, ok: e.target.checked })}
                />
                {l.open.length > 0 && (
                  <p className="pl-9 text-sm font-bold text-bracken">
                    {l.look === 'sides' ? 'left unlike right' : 'not done'}:{' '}
                    {l.open
                      .slice(0, 4)
                      .map((z) => labels[z])
                      .join(' · ')}
                    {l.open.length > 4 && ` and ${l.open.length - 4} more`}
                  </p>
                )}
              </li>
            ))}
          </ul>
        </section>
        <div className="space-y-4">
          <AsAgreed finish={finish} labels={labels} canWork={canWork} tap={tap} />
          <GrowsOut finish={finish} labels={labels} />
          <Minutes finish={finish} labels={labels} onTold={(incident) => tap({ kind: 'told', incident })} />
          <NextDates
            dog={groom.dog.id}
            finish={finish}
            canWork={canWork}
            dates={dates}
            onDates={setDates}
            clocks={<Clocks finish={finish} />}
          />
          <section className="panel space-y-3 p-4" aria-label="The owner">
            <h2 className="text-xl">The owner</h2>
            <CheckField
              label={finish.phone ? `Ready message to ${finish.phone}` : 'No number on the card: no message'}
              checked={tell}
              disabled={!finish.phone || !canWork}
              onChange={(e) => setTell(e.target.checked)}
            />
            {tell && (
              <TextField
                label="Message"
                value={message}
                maxLength={600}
                onChange={(e) => setMessage(e.target.value)}
              />
            )}
            <details>
              <summary className="min-h-11 py-2 font-bold">Home-care sheet, made when it is closed</summary>
              <div className="space-y-2 text-sm">
                {finish.care.map((c) => (
                  <div key={c.title}>
                    <h3 className="font-bold">{c.title}</h3>
                    <ul className="list-disc pl-5">
                      {c.lines.map((l) => (
                        <li key={l}>{l}</li>
                      ))}
                    </ul>
                  </div>
                ))}
              </div>
            </details>
          </section>
        </div>
      </div>
      {children}
      {canWork && (
        <div className="panel flex flex-wrap items-end gap-3 p-4">
          <Choice label="Kind of visit" value={kind} onChange={setKind} options={[...VISIT_KINDS]} />
          <div className="min-w-64 flex-1">
            <TextField
              label="Note for the next person"
              value={note}
              maxLength={1000}
              onChange={(e) => setNote(e.target.value)}
            />
            {note && (
              <CheckField
                label="For this salon alone"
                checked={noteOwn}
                onChange={(e) => setNoteOwn(e.target.checked)}
              />
            )}
          </div>
          <Button
            kind="main"
            className="mb-5 min-h-14 px-8 text-lg"
            disabled={close.isPending || unsent}
            onClick={() => close.mutate()}
          >
            {close.isPending ? 'Closing …' : 'Close the visit'}
          </Button>
          {unsaid > 0 && (
            <p className="w-full text-sm font-bold text-bracken">
              {unsaid === 1 ? '1 agreed place has' : `${unsaid} agreed places have`} no answer yet: done as
              agreed or not?
            </p>
          )}
          {close.error && (
            <p role="alert" className="w-full font-bold text-haw">
              {close.error.message}
            </p>
          )}
        </div>
      )}
    </>
  )
}
