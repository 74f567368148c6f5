// Notes and incidents of this groom; what the owner has not been told of stays in sight.
import type { FormEvent } from 'react'
import { useDraft } from '../../app/draft'
import { useSession } from '../../app/session'
import { Button } from '../../ui/Button'
import { TextField } from '../../ui/Field'
import { shortDay } from '../../ui/words'
import { useIncidentNames } from '../../parts/incidents'
import type { Shown, TapData } from '../../parts/taps'

const QUICK = [
  'stands well',
  'minds the hind feet',
  'minds the dryer',
  'rest needed half way',
  'two people next time',
  'coat thicker than last time',
]

export function Notes({
  groom,
  labels,
  canWork,
  onTap,
}: {
  groom: Shown
  labels: Record<string, string>
  canWork: boolean
  onTap: (data: TapData) => void
}) {
  const { session } = useSession()
  const [typed, keep] = useDraft<string>(`note.${session.id}.${groom.id}`)
  const text = typed ?? ''
  const names = useIncidentNames()
  const send = (e: FormEvent) => {
    e.preventDefault()
    if (text.trim() === '') return
    onTap({ kind: 'note', text: text.trim() })
    keep(null)
  }
  return (
    <div className="space-y-4 p-4">
      {groom.incidents.length > 0 && (
        <section aria-label="Incidents">
          <h2 className="text-lg">Incidents</h2>
          <ul className="divide-y divide-line">
            {groom.incidents.map((i) => (
              <li key={i.id} className="flex flex-wrap items-center gap-2 py-2">
                <span className="min-w-0 flex-1">
                  <b className="text-haw">{names(i.what)}</b>
                  {i.zone && `, ${labels[i.zone]}`}
                  {i.tool && `, ${i.tool}`}
                  {i.action && ` · ${i.action}`}
                  {i.follow_up && ` · then: ${i.follow_up}`}
                  {i.follow_up_on && ` · asked after on ${shortDay(i.follow_up_on)}`}{' '}
                  <span className="text-sm text-ink-2">{i.who}</span>
                </span>
                {i.told ? (
                  <span className="text-sm font-bold text-moss">owner told</span>
                ) : (
                  canWork && (
                    <Button className="min-h-12" onClick={() => onTap({ kind: 'told', incident: i.id })}>
                      Owner is told
                    </Button>
                  )
                )}
              </li>
            ))}
          </ul>
        </section>
      )}
      <section aria-label="Notes">
        <h2 className="text-lg">Notes for the next person</h2>
        {groom.notes.length === 0 && <p className="text-ink-2">None yet.</p>}
        <ul className="mb-3 divide-y divide-line">
          {groom.notes.map((n, i) => (
            <li key={i} className="py-1.5">
              {n.text} <span className="text-sm text-ink-2">{n.who}</span>
            </li>
          ))}
        </ul>
        {canWork && (
          <>
            <div className="mb-3 flex flex-wrap gap-2" role="group" aria-label="Usual notes">
              {QUICK.map((q) => (
                <Button key={q} className="min-h-12" onClick={() => onTap({ kind: 'note', text: q })}>
                  {q}
                </Button>
              ))}
            </div>
            <form onSubmit={send} className="flex items-end gap-2">
              <div className="flex-1">
                <TextField
                  label="In your own words"
                  value={text}
                  maxLength={500}
                  onChange={(e) => keep(e.target.value || null)}
                />
              </div>
              <Button type="submit" className="mb-5 min-h-12">
                Note it
              </Button>
            </form>
          </>
        )}
      </section>
    </div>
  )
}
