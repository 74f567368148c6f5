// On the phone, of a dog nobody has seen: from–to in time and money, while the caller waits; then its book
// page begins with what was told.
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { useNavigate } from 'react-router'
import { api, take } from '../app/client'
import { queries } from '../app/queries'
import { useSession } from '../app/session'
import { Button } from '../ui/Button'
import { SelectField } from '../ui/Field'
import { Modal } from '../ui/Modal'
import { NumberField } from '../ui/NumberField'
import { useDebounced } from '../ui/useDebounced'
import { Why } from '../ui/Why'
import { hours, money } from '../ui/words'
import { VISIT_KINDS } from './kinds'
import { weightShown, weightTyped, weightUnit } from '../ui/units'

const MATTING = [
  { id: 'none', label: 'no tangles' },
  { id: 'few', label: 'a few tangles' },
  { id: 'many', label: 'many mats' },
  { id: 'felt', label: 'felted' },
]

export function PhoneQuote({ onClose }: { onClose: () => void }) {
  const { session, may } = useSession()
  const go = useNavigate()
  const words = useQuery(queries.words())
  const [form, setForm] = useState({
    kg: null as number | null,
    coat: 'curly',
    weeks: 8,
    matting: 'none',
    kind: 'full',
  })
  const set = (change: Partial<typeof form>) => setForm({ ...form, ...change })
  const asked = useDebounced(form, 200)
  const quote = useQuery({
    queryKey: ['quote', asked],
    queryFn: () => take(api.POST('/api/quote/answer', { body: { ...asked, kg: asked.kg ?? 0 } })),
    enabled: asked.kg !== null,
    retry: false,
  })
  const q = asked.kg === null ? undefined : quote.data
  const fields = quote.error && 'fields' in quote.error ? (quote.error.fields as Record<string, string>) : {}
  return (
    <Modal open onClose={onClose} title="Phone quote">
      <div className="space-y-3">
        <div className="grid grid-cols-2 gap-2">
          <NumberField
            label={`Weight (${weightUnit()})`}
            value={form.kg === null ? null : weightShown(form.kg)}
            onChange={(n) => set({ kg: n === null ? null : weightTyped(n) })}
            error={fields.kg}
            autoFocus
          />
          <SelectField
            label="Coat"
            value={form.coat}
            options={words.data?.lists.coat ?? [{ id: 'curly', label: 'curly' }]}
            onChange={(e) => set({ coat: e.target.value })}
          />
          <NumberField
            label="Weeks since a groom"
            value={form.weeks}
            onChange={(weeks) => set({ weeks: weeks ?? 0 })}
            error={fields.weeks}
          />
          <SelectField
            label="Matting, as told"
            value={form.matting}
            options={MATTING}
            onChange={(e) => set({ matting: e.target.value })}
          />
          <SelectField
            label="For"
            value={form.kind}
            options={[...VISIT_KINDS]}
            onChange={(e) => set({ kind: e.target.value })}
          />
        </div>
        <div role="status" className="min-h-20">
          {!q ? (
            <p className="text-ink-2">
              {quote.error?.message ?? 'Say the weight, and time and price follow.'}
            </p>
          ) : (
            <>
              <p className="font-head text-xl font-bold">
                {hours(q.from_minutes)} to {hours(q.to_minutes)}
                {q.from_minor !== null && q.to_minor !== null && (
                  <>
                    , {money(q.from_minor, session.currency)} to {money(q.to_minor, session.currency)}
                  </>
                )}{' '}
                <Why of="this span" reasons={q.reasons} />
              </p>
              {q.warnings.map((w) => (
                <p key={w.code} className="text-sm text-bracken">
                  {w.message}
                </p>
              ))}
            </>
          )}
        </div>
        {may('dog') && (
          <Button
            kind="main"
            disabled={!q}
            onClick={() =>
              q &&
              void go('/dogs/new', {
                state: {
                  quote: {
                    kg: form.kg === null ? '' : String(weightShown(form.kg)),
                    coat: form.coat,
                    told: q.words,
                  },
                },
              })
            }
          >
            Take the dog in with this
          </Button>
        )}
      </div>
    </Modal>
  )
}
