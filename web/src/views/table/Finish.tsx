// The end of a groom: the look, what it took, the price, the next dates, and what the owner hears; closed in
// one tap.
import { useQuery, useQueryClient } from '@tanstack/react-query'
import { Check, Printer } from 'lucide-react'
import { useState } from 'react'
import { Link, useParams } from 'react-router'
import { api, ApiError, take, writeKey, type Schemas } from '../../app/client'
import { queries } from '../../app/queries'
import { useSession } from '../../app/session'
import { Button } from '../../ui/Button'
import { Choice } from '../../ui/Choice'
import { CheckField, TextField } from '../../ui/Field'
import { TakeLinkBack } from '../../ui/TakeLinkBack'
import { Resting } from '../../ui/Resting'
import { useToast } from '../../ui/Toasts'
import { Waiting } from '../../ui/Waiting'
import { day, money } from '../../ui/words'
import { Photos } from '../../parts/Photos'
import { AsAgreed, Clocks, GrowsOut } from './Ends'
import { Measures } from './Measures'
import { useIncidentNames } from '../../parts/incidents'
import type { Shown, TapData } from './taps'
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
      {at.groom.state === 'closed' ? (
        <Closed groom={at.groom} />
      ) : (
        <Closing groom={at.groom} finish={finish.data} labels={labels} tap={at.tap} unsent={at.waiting > 0} />
      )}
      <div className="grid gap-4 lg:grid-cols-2">
        <section className="panel" aria-label="Measures">
          <Measures dogId={at.groom.dog.id} />
        </section>
        {arrival.data && (
          <section className="panel" aria-label="Photos of this visit">
            <Photos
              arrival={arrival.data}
              labels={labels}
              zone={null}
              canWork={at.groom.state !== 'closed'}
            />
          </section>
        )}
      </div>
    </div>
  )
}

interface ClosingProps {
  groom: Shown
  finish: Schemas['FinishView']
  labels: Record<string, string>
  tap: (data: TapData) => void
  unsent: boolean
}

function Closing({ groom, finish, labels, tap, unsent }: ClosingProps) {
  const { session, may } = useSession()
  const cache = useQueryClient()
  const toast = useToast()
  const names = useIncidentNames()
  const [booked, setBooked] = useState<Record<string, boolean>>({})
  const [kind, setKind] = useState(finish.kind)
  const [note, setNote] = useState('')
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
            next: finish.next.filter((n) => booked[n.kind]).map((n) => ({ kind: n.kind, on: n.on })),
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
  const most = Math.max(1, ...finish.phases.flatMap((p) => [p.spent ?? 0, p.estimate ?? 0]))
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
          <section className="panel space-y-3 p-4" aria-label="Minutes and price">
            <h2 className="text-xl">
              {Math.round(finish.minutes)} minutes
              {finish.estimate_minutes !== null && (
                <span className="text-ink-2">, about {Math.round(finish.estimate_minutes)} estimated</span>
              )}
            </h2>
            <table className="w-full text-sm">
              <thead className="sr-only">
                <tr>
                  <th>Phase</th>
                  <th>Spent against estimated</th>
                  <th>Minutes</th>
                </tr>
              </thead>
              <tbody>
                {finish.phases.map((p) => (
                  <tr key={p.phase}>
                    <td className="w-32 py-0.5 pr-2">{p.label}</td>
                    <td aria-hidden>
                      <svg viewBox="0 0 100 8" preserveAspectRatio="none" className="block h-4 w-full">
                        <rect
                          y="0"
                          height="4"
                          width={(100 * (p.spent ?? 0)) / most}
                          style={{ fill: 'var(--thistle)' }}
                        />
                        <rect
                          y="4.6"
                          height="2.6"
                          width={(100 * (p.estimate ?? 0)) / most}
                          style={{ fill: 'var(--ground)' }}
                        />
                      </svg>
                    </td>
                    <td className="w-28 pl-2 text-right">
                      <b>{p.spent ?? '–'}</b> of {p.estimate ?? '–'}
                    </td>
                  </tr>
                ))}
              </tbody>
            </table>
            {finish.price_minor !== null && (
              <p>
                <b className="text-xl">{money(finish.price_minor, session.currency)}</b>{' '}
                <span className="text-sm text-ink-2">
                  {finish.price_terms
                    .map((t) => `${t.label}: ${money(t.minor, session.currency)}`)
                    .join(' + ')}
                </span>
              </p>
            )}
            {finish.untold.length > 0 && (
              <div role="alert" className="rounded-md border-l-4 border-haw bg-haw-soft p-3 text-haw">
                <p className="font-bold">The owner has not been told:</p>
                {finish.untold.map((i) => (
                  <p key={i.id} className="flex flex-wrap items-center gap-2">
                    <span className="flex-1">
                      {names(i.what)}
                      {i.zone && `, ${labels[i.zone]}`}
                    </span>
                    <Button
                      className="min-h-12 text-ink"
                      onClick={() => tap({ kind: 'told', incident: i.id })}
                    >
                      Owner is told
                    </Button>
                  </p>
                ))}
              </div>
            )}
          </section>
          <section className="panel space-y-3 p-4" aria-label="Next dates">
            <h2 className="text-xl">When back</h2>
            {finish.next_visit && (
              <p className="rounded-md bg-well px-3 py-2">
                <b>Next:</b> {finish.next_visit.words}{' '}
                <span className="text-ink-2">About {day(finish.next_visit.on)}.</span>
              </p>
            )}
            <Clocks finish={finish} />
            <div className="grid gap-2">
              {finish.next.map((n) => (
                <button
                  key={n.kind}
                  type="button"
                  aria-pressed={!!booked[n.kind]}
                  disabled={!canWork}
                  onClick={() => setBooked({ ...booked, [n.kind]: !booked[n.kind] })}
                  className={`flex min-h-14 items-center gap-3 rounded-md border px-3 text-left
                    ${booked[n.kind] ? 'border-moss bg-moss-soft' : 'border-line bg-sheet hover:bg-well'}`}
                >
                  <Check
                    aria-hidden
                    className={`size-6 shrink-0 ${booked[n.kind] ? 'text-moss' : 'text-line'}`}
                  />
                  <span>
                    <b className="capitalize">{n.kind}</b>, {day(n.on)}
                    {!may('book') && ', as a wish for the desk'}{' '}
                    <span className="block text-sm text-ink-2">{n.why}</span>
                  </span>
                </button>
              ))}
            </div>
          </section>
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

function Closed({ groom }: { groom: Shown }) {
  const { may } = useSession()
  const cache = useQueryClient()
  const link =
    'inline-flex min-h-12 items-center gap-2 rounded-md border border-line bg-sheet ' +
    'px-4 font-bold hover:bg-well'
  return (
    <section className="panel space-y-3 p-4" aria-label="Closed">
      <p className="text-lg">
        Closed by <b>{groom.closed_by}</b>. The visit is on the card, what differs is kept beside the plan.
      </p>
      <p className="flex flex-wrap gap-2">
        <Link className={link} to={`/dogs/${groom.dog.id}`}>
          To the card
        </Link>
        {groom.care_link && (
          <>
            <a className={link} href={groom.care_link} target="_blank" rel="noreferrer">
              <Printer aria-hidden className="size-5" /> Home-care sheet
            </a>
            <a className={link} href={`${groom.care_link}.pdf`} target="_blank" rel="noreferrer">
              as PDF
            </a>
            {may('visit') && (
              <TakeLinkBack
                large
                close={() =>
                  take(
                    api.DELETE('/api/grooms/{id}/care-link', {
                      params: { path: { id: groom.id }, header: { 'Idempotency-Key': writeKey() } },
                    }),
                  )
                }
                after={() => void cache.invalidateQueries({ queryKey: ['groom', groom.id] })}
              />
            )}
          </>
        )}
        <Link className={link} to="/outbox">
          Outbox
        </Link>
      </p>
    </section>
  )
}
