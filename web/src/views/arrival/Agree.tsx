// Time, price, and what the owner agrees to: the ways side by side, the sentences, a signature, or a refusal.
import { useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { api, take } from '../../app/client'
import { useSession } from '../../app/session'
import { Button } from '../../ui/Button'
import { TakeLinkBack } from '../../parts/TakeLinkBack'
import { Why } from '../../ui/Why'
import { day, hours, mm, money } from '../../ui/words'
import { CautionLine } from '../../parts/Cautions'
import { type ArrivalData, type CombDraft } from '../../parts/comb'
import { OnTop } from './OnTop'
import { OwnersPage } from './OwnersPage'
import type { useAutosave } from './useAutosave'

interface Props {
  arrival: ArrivalData
  comb: ReturnType<typeof useAutosave<CombDraft>>
  labels: Record<string, string>
  canWork: boolean
  onSaved: (arrival: ArrivalData) => void
}

export function Agree({ arrival, comb, labels, canWork, onSaved }: Props) {
  const { session } = useSession()
  const [handed, setHanded] = useState(false)
  const chosen = comb.value.choice ?? arrival.comb.choice
  const settled = comb.status === 'saved'
  const combed = new Set(comb.value.zones.map((z) => z.zone))
  const uncombed = arrival.asked_first.filter((z) => !combed.has(z))
  const cache = useQueryClient()
  return (
    <div className="space-y-4 p-4">
      <h2 className="text-xl">How to go on</h2>
      <div role="radiogroup" aria-label="How to go on" className={`space-y-2 ${settled ? '' : 'opacity-70'}`}>
        {arrival.comb.options.map((o) => (
          <div
            key={o.choice}
            className={`rounded-lg border-2 p-3
              ${chosen === o.choice ? 'border-thistle bg-thistle-soft' : 'border-line'}`}
          >
            <button
              type="button"
              role="radio"
              aria-checked={chosen === o.choice}
              disabled={!canWork}
              onClick={() => comb.change((c) => ({ ...c, choice: o.choice }))}
              className="flex min-h-11 w-full flex-wrap items-center justify-between gap-x-3 text-left"
            >
              <span className="font-head text-lg font-bold">{o.title}</span>
              <span className="text-lg font-bold">{hours(o.slot_minutes)}</span>
            </button>
            <p className="text-sm">
              {o.price_minor !== null && <b>{money(o.price_minor, session.currency)}</b>}
              {' · '}usually {hours(o.minutes_50)}, allow {hours(o.slot_minutes)}{' '}
              <Why of={`the minutes: ${o.title}`} reasons={o.reasons} />
            </p>
            <p className="text-sm text-ink-2">
              {o.price_terms.map((t) => `${t.label}: ${money(t.minor, session.currency)}`).join(' + ')}
              {` · ${o.matting_minutes} min on mats`}
              {o.tax_minor !== null && ` · ${money(o.tax_minor, session.currency)} of it tax`}
            </p>
            {!o.today && (
              <p className="text-sm font-bold text-bracken">
                Not today alone: {o.visits} visits, so that none goes past what the dog can bear.
              </p>
            )}
            {o.later.length > 0 && (
              <ul className="text-sm">
                {o.later.map((l) => (
                  <li key={l.on}>
                    {day(l.on)}: {hours(Math.round(l.minutes))}, {money(l.price_minor, session.currency)}
                  </li>
                ))}
                {o.price_all_minor !== null && (
                  <li>
                    <b>{money(o.price_all_minor, session.currency)} in all</b>
                  </li>
                )}
              </ul>
            )}
            {o.leaves_mm !== null && (
              <p className="text-sm">
                Leaves {mm(o.leaves_mm)}. {o.back_message && <>Back to the usual length: {o.back_message}</>}
              </p>
            )}
            {o.warnings.map((w) => (
              <CautionLine key={w.code} caution={w} />
            ))}
          </div>
        ))}
      </div>
      <OnTop arrival={arrival} canWork={canWork} settled={settled} />
      <section>
        <h3 className="mb-1 text-lg">What the owner reads</h3>
        {arrival.comb.consent.length === 0 ? (
          <p className="text-ink-2">Nothing out of the ordinary was found.</p>
        ) : (
          <ul className="list-disc space-y-1 pl-5">
            {arrival.comb.consent.map((c) => (
              <li key={c}>{c}</li>
            ))}
          </ul>
        )}
      </section>
      {canWork && uncombed.length > 0 && (
        <p role="status" className="rounded-md bg-bracken-soft px-3 py-2 text-bracken">
          <b>Not combed yet: {uncombed.map((z) => labels[z] ?? z).join(', ')}.</b> Comb there before the owner
          signs: what is found later is another question to them.
        </p>
      )}
      {canWork && (
        <Button kind="main" className="min-h-14 w-full text-lg" onClick={() => setHanded(true)}>
          Show it to the owner
        </Button>
      )}
      {handed && (
        <OwnersPage
          arrival={arrival}
          labels={labels}
          settled={settled}
          onClose={() => setHanded(false)}
          onSaved={onSaved}
        />
      )}
      {arrival.agreements.length > 0 && (
        <section>
          <h3 className="mb-1 text-lg">Agreed so far</h3>
          <ul className="space-y-1">
            {arrival.agreements.map((a) => (
              <li key={a.id} className="text-sm">
                <b className={a.agreed ? 'text-moss' : 'text-haw'}>
                  {a.number}. {a.agreed ? 'agreed' : 'refused'}
                </b>{' '}
                by {a.signed_by}, taken by {a.who} ·{' '}
                {a.link ? (
                  <>
                    <a className="text-slate underline" href={a.link} target="_blank" rel="noreferrer">
                      copy
                    </a>{' '}
                    ·{' '}
                    <a
                      className="text-slate underline"
                      href={`${a.link}.pdf`}
                      target="_blank"
                      rel="noreferrer"
                    >
                      PDF
                    </a>{' '}
                    <span className="text-ink-2">
                      for the owner until {a.link_until && day(a.link_until)}
                    </span>
                    {canWork && (
                      <TakeLinkBack
                        close={(write) =>
                          take(
                            api.DELETE('/api/agreements/{id}/link', {
                              params: { path: { id: a.id }, header: write },
                            }),
                          )
                        }
                        after={() => void cache.invalidateQueries({ queryKey: ['arrival', arrival.id] })}
                      />
                    )}
                  </>
                ) : (
                  <span className="text-ink-2">the owner&rsquo;s link is closed</span>
                )}
                {!a.current && (
                  <span className="text-bracken"> · something was changed since: agree anew</span>
                )}
                {!a.intact && <b className="text-haw"> · the seal does not fit</b>}
              </li>
            ))}
          </ul>
        </section>
      )}
    </div>
  )
}
