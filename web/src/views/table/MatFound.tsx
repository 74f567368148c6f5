// A mat found at the table: graded as at the comb test, and today's list is made anew with it.
import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { api, take, type Schemas } from '../../app/client'
import { queries } from '../../app/queries'
import { useWrite } from '../../app/useWrite'
import { combOf, sendable, shares, withMat } from '../../parts/comb'
import { Button } from '../../ui/Button'
import { Choice } from '../../ui/Choice'
import { SelectField } from '../../ui/Field'
import { Modal } from '../../ui/Modal'
import { Waiting } from '../../ui/Waiting'
import { useToast } from '../../ui/Toasts'
import type { Shown } from '../../parts/taps'

interface Props {
  groom: Shown
  words: Schemas['VocabularyView']
  zone: string
  onClose: () => void
}

export function MatFound({ groom, words, zone: first, onClose }: Props) {
  const cache = useQueryClient()
  const toast = useToast()
  const arrival = useQuery(queries.arrival(groom.arrival))
  const [zone, setZone] = useState(first)
  const [severity, setSeverity] = useState(0)
  const [spread, setSpread] = useState<number | null>(null)
  const [clearance, setClearance] = useState<boolean | null>(null)
  const graded = words.severities.find((s) => s.id === severity)
  const had = arrival.data?.comb.zones.find((z) => z.zone === zone)
  const keep = useWrite({
    send: (_: void, write) => {
      if (!arrival.data) throw new Error('The comb test has not come yet.')
      const { comb } = arrival.data
      return take(
        api.PUT('/api/arrivals/{id}/comb', {
          params: {
            path: { id: groom.arrival },
            header: { 'If-Match': `"${comb.version}"`, ...write },
          },
          body: sendable(withMat(combOf(comb), zone, { severity, spread, clearance }, words.severities)),
        }),
      )
    },
    onSuccess: () => {
      void cache.invalidateQueries({ queryKey: ['groom', groom.id] })
      void cache.invalidateQueries({ queryKey: ['arrival', groom.arrival] })
      toast({ text: 'Noted. Today’s list was made anew.' })
      onClose()
    },
    // Somebody else found one meanwhile: theirs is fetched, what was chosen here stays.
    onError: () => void arrival.refetch(),
  })
  return (
    <Modal open wide onClose={onClose} title="A mat was found">
      {!arrival.data ? (
        <Waiting what="Fetching the comb test" />
      ) : (
        <div className="space-y-4">
          <SelectField
            label="Where"
            value={zone}
            options={[
              { id: '', label: 'choose the place' },
              ...words.zones.map((z) => ({ id: z.id, label: z.label })),
            ]}
            onChange={(e) => setZone(e.target.value)}
          />
          {had && had.severity > 0 && (
            <p className="text-bracken">
              Was graded {had.severity} there: {had.words}. What you choose takes its place.
            </p>
          )}
          <div role="radiogroup" aria-label="How tight" className="grid gap-2 sm:grid-cols-2">
            {words.severities
              .filter((s) => s.id > 0)
              .map((s) => (
                <button
                  key={s.id}
                  type="button"
                  role="radio"
                  aria-checked={severity === s.id}
                  onClick={() => {
                    setSeverity(s.id)
                    setSpread(spread ?? s.spread)
                  }}
                  className={`min-h-14 rounded-md border px-3 text-left font-bold
                    ${
                      severity === s.id
                        ? 'border-thistle bg-thistle-soft text-thistle'
                        : 'border-line bg-sheet hover:bg-well'
                    }`}
                >
                  {s.id} {s.label}
                </button>
              ))}
          </div>
          {severity > 0 && (
            <div className="flex flex-wrap gap-4">
              <div>
                <span className="label">How much of the place</span>
                <Choice
                  label="How much of the place"
                  value={String(spread ?? 1)}
                  onChange={(s) => setSpread(Number(s))}
                  options={shares(words.spreads)}
                />
              </div>
              {graded?.asks_clearance && (
                <div>
                  <span className="label">A comb tooth passes under it</span>
                  <Choice
                    label="A comb tooth passes under it"
                    value={(clearance ?? graded.passes) ? 'yes' : 'no'}
                    onChange={(v) => setClearance(v === 'yes')}
                    options={[
                      { id: 'yes', label: 'yes' },
                      { id: 'no', label: 'no' },
                    ]}
                  />
                </div>
              )}
            </div>
          )}
          {keep.error && (
            <p role="alert" className="font-bold text-haw">
              {keep.stale
                ? 'Somebody else noted a mat meanwhile. Look at what is there now, then keep yours again.'
                : keep.error.message}
            </p>
          )}
          <Button
            kind="main"
            className="min-h-14 w-full text-lg"
            disabled={zone === '' || severity === 0 || keep.isPending}
            onClick={() => keep.mutate()}
          >
            {keep.isPending ? 'Making the list anew …' : 'Note it'}
          </Button>
        </div>
      )}
    </Modal>
  )
}
