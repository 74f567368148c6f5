// What the owner reads, in their words, and signs; refusing stands apart from signing.
import { Check } from 'lucide-react'
import { useState } from 'react'
import { api, take, type Schemas } from '../../app/client'
import { useSession } from '../../app/session'
import { useWrite } from '../../app/useWrite'
import type { ArrivalData } from '../../parts/comb'
import { Button } from '../../ui/Button'
import { TextField } from '../../ui/Field'
import { FullPage } from '../../ui/FullPage'
import { useToast } from '../../ui/Toasts'
import { clock, day, hours, money } from '../../ui/words'
import { SignaturePad } from './SignaturePad'

interface Props {
  arrival: ArrivalData
  labels: Record<string, string>
  /** all that was found and chosen has reached the salon: what is read is what is signed */
  settled: boolean
  onClose: () => void
  onSaved: (arrival: ArrivalData) => void
}

export function OwnersPage({ arrival, labels, settled, onClose, onSaved }: Props) {
  const toast = useToast()
  const [name, setName] = useState(arrival.dog.people[0]?.name ?? '')
  const [signature, setSignature] = useState('')
  const send = useWrite({
    send: (agreed: boolean, write) =>
      take(
        api.POST('/api/arrivals/{id}/agreement', {
          params: { path: { id: arrival.id }, header: write },
          body: {
            agreed,
            signed_by: name,
            signature,
            comb_version: arrival.comb.version,
            check_version: arrival.check_version,
            choice: arrival.comb.choice,
            kind: arrival.kind,
            extras: arrival.extras.map((e) => e.name),
            price_minor:
              arrival.comb.options.find((o) => o.choice === arrival.comb.choice)?.price_minor ?? null,
          },
        }),
      ),
    onSuccess: (next, agreed) => {
      setSignature('')
      onSaved(next)
      toast({ text: agreed ? 'Agreed and sealed' : 'Refusal recorded' })
    },
  })
  const last = arrival.agreements.at(-1)
  const sealed = send.isSuccess && last ? last : null
  const errors = send.fields
  const rest = Object.entries(errors).filter(([k]) => k !== 'signature' && k !== 'signed_by')
  const busy = send.isPending || !settled
  return (
    <FullPage open onClose={onClose} title={`${arrival.dog.name} today`} back="Back to the salon’s page">
      {sealed ? (
        <Sealed of={sealed} onClose={onClose} />
      ) : (
        <>
          <Terms arrival={arrival} labels={labels} />
          <form
            noValidate
            className="space-y-3 border-t border-line pt-4"
            onSubmit={(e) => {
              e.preventDefault()
              send.mutate(true)
            }}
          >
            <TextField
              label="Who signs"
              value={name}
              maxLength={80}
              onChange={(e) => setName(e.target.value)}
              error={errors.signed_by}
            />
            <SignaturePad value={signature} onChange={setSignature} error={errors.signature} />
            {!settled && (
              <p role="status" className="font-bold text-bracken">
                What was found is on its way to the salon: sign when it is there.
              </p>
            )}
            {send.error && (rest.length > 0 || Object.keys(errors).length === 0) && (
              <p role="alert" className="font-bold text-haw">
                {rest.map(([k, m]) => `${k} ${m}`).join('; ') || send.error.message}
              </p>
            )}
            <Button type="submit" kind="main" className="min-h-14 w-full text-xl" disabled={busy}>
              {send.isPending ? 'Sealing …' : 'Agree and sign'}
            </Button>
          </form>
          <details className="mt-auto pt-10 text-base">
            <summary className="min-h-11 py-2 text-ink-2">I do not want it done so</summary>
            <p className="mb-2">
              Say what you would like instead; nothing of this is done then. To have it written down:
            </p>
            <Button disabled={busy} onClick={() => send.mutate(false)}>
              The owner refuses
            </Button>
          </details>
        </>
      )}
    </FullPage>
  )
}

function Terms({ arrival, labels }: { arrival: ArrivalData; labels: Record<string, string> }) {
  const { session } = useSession()
  const { comb } = arrival
  const option = comb.options.find((o) => o.choice === comb.choice)
  const mats = comb.zones.filter((z) => z.decision !== 'none')
  const know = [...(option?.warnings ?? []), ...comb.findings, ...arrival.findings].map((w) => w.message)
  return (
    <div className="space-y-4">
      {option && (
        <>
          <p className="text-2xl font-bold">{option.title}</p>
          <dl className="grid grid-cols-[auto_1fr] gap-x-6 gap-y-1">
            <dt className="text-ink-2">Time</dt>
            <dd>about {hours(option.slot_minutes)}</dd>
            {option.price_minor !== null && (
              <>
                <dt className="text-ink-2">Price</dt>
                <dd>
                  <b>{money(option.price_minor, session.currency)}</b>
                  {option.tax_minor !== null && `, ${money(option.tax_minor, session.currency)} of it tax`}
                </dd>
              </>
            )}
            {arrival.extras.length > 0 && (
              <>
                <dt className="text-ink-2">On top</dt>
                <dd>
                  {arrival.extras.map((e) => `${e.name}, ${money(e.minor, session.currency)}`).join('; ')} (in
                  the price)
                </dd>
              </>
            )}
            {option.leaves_mm !== null && (
              <>
                <dt className="text-ink-2">Length left</dt>
                <dd>about {option.leaves_mm} mm</dd>
              </>
            )}
            {option.back_message && (
              <>
                <dt className="text-ink-2">Growing back</dt>
                <dd>{option.back_message}</dd>
              </>
            )}
            {option.later.map((l) => (
              <div key={l.on} className="contents">
                <dt className="text-ink-2">Then</dt>
                <dd>
                  {day(l.on)}: {hours(Math.round(l.minutes))}, {money(l.price_minor, session.currency)}
                </dd>
              </div>
            ))}
            {option.later.length > 0 && option.price_all_minor !== null && (
              <>
                <dt className="text-ink-2">In all</dt>
                <dd>{money(option.price_all_minor, session.currency)}</dd>
              </>
            )}
          </dl>
        </>
      )}
      {mats.length > 0 && (
        <section>
          <h3 className="text-xl">Place by place</h3>
          <ul className="divide-y divide-line">
            {mats.map((z) => (
              <li key={z.zone} className="grid gap-x-3 py-1.5 sm:grid-cols-[11rem_1fr]">
                <b className="first-letter:uppercase">{labels[z.zone] ?? z.zone}</b>
                <span>
                  {z.owner_words}
                  {z.fill_back_on && `; as long as the rest again about ${day(z.fill_back_on)}`}
                </span>
              </li>
            ))}
          </ul>
        </section>
      )}
      {know.length > 0 && (
        <section className="border-l-4 border-bracken pl-4">
          <h3 className="text-xl">Please know</h3>
          <ul className="list-disc space-y-1 pl-5">
            {know.map((k) => (
              <li key={k}>{k}</li>
            ))}
          </ul>
        </section>
      )}
      <section>
        <h3 className="text-xl">What you agree to</h3>
        {comb.consent.length === 0 ? (
          <p>Nothing out of the ordinary was found.</p>
        ) : (
          <ul className="list-disc space-y-1 pl-5">
            {comb.consent.map((c) => (
              <li key={c}>{c}</li>
            ))}
          </ul>
        )}
        {arrival.house_terms.length > 0 && (
          <p className="mt-2 text-base">Our terms: {arrival.house_terms.join('; ')}.</p>
        )}
        <p className="mt-2 text-base text-ink-2">
          This is about grooming, not about treatment: skin, pain and illness are for a vet.
        </p>
      </section>
    </div>
  )
}

function Sealed({ of, onClose }: { of: Schemas['AgreementView']; onClose: () => void }) {
  return (
    <div className="space-y-4" role="status">
      <p className="flex items-center gap-3 text-2xl font-bold text-moss">
        <Check aria-hidden className="size-9" />
        {of.agreed ? 'Agreed and sealed' : 'Refused, and written down'}
      </p>
      <p>
        By <b>{of.signed_by}</b> at {clock(of.at)}, taken by {of.who}. Nothing in it can be changed any more.
      </p>
      {of.link && (
        <p>
          <a className="text-slate underline" href={of.link} target="_blank" rel="noreferrer">
            Your copy
          </a>
          {of.link_until && `, until ${day(of.link_until)}`}
        </p>
      )}
      <Button kind="main" className="min-h-14" onClick={onClose}>
        Give the tablet back
      </Button>
    </div>
  )
}
