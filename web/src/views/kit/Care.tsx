// What a tool needs and had: its wear, what is due, its log.
import { useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { api, ApiError, take, type Schemas } from '../../app/client'
import { useSession } from '../../app/session'
import { Button } from '../../ui/Button'
import { SelectField, TextField } from '../../ui/Field'
import { useToast } from '../../ui/Toasts'
import { Why } from '../../ui/Why'
import { ago, day } from '../../ui/words'
import { toolName, type Item } from './names'
import { useWrite } from '../../app/useWrite'

type Life = Schemas['ToolLifeView']
const LEVEL: Record<string, string> = {
  danger: 'bg-haw-soft text-haw',
  caution: 'bg-bracken-soft text-bracken',
}
const DO: Record<string, string> = {
  oiled: 'Oiled',
  disinfected: 'Disinfected',
  heat: 'Feel it: read the probe',
  packed_hair: 'Packed with hair',
  edge_dull: 'Snip test: bends hair',
  edge_good: 'Snip test: cuts',
  sharpened: 'Back from sharpening',
}
const DONE: Record<string, string> = {
  run: 'used on a dog',
  oiled: 'oiled',
  disinfected: 'disinfected',
  heat: 'felt',
  packed_hair: 'packed with hair',
  edge_dull: 'bends hair',
  edge_good: 'cuts',
  sharpened: 'sharpened',
}

function Figure({ name, value, children }: { name: string; value: string; children?: React.ReactNode }) {
  return (
    <div>
      <dt className="text-sm text-ink-2">{name}</dt>
      <dd className="text-lg font-bold leading-tight">
        {value} {children}
      </dd>
    </div>
  )
}

export function Care({ item, life }: { item: Item; life: Life | null }) {
  const { may } = useSession()
  const cache = useQueryClient()
  const toast = useToast()
  const [minutes, setMinutes] = useState('')
  const [dirt, setDirt] = useState('clean')
  const fresh = () => {
    void cache.invalidateQueries({ queryKey: ['kit'] })
    void cache.invalidateQueries({ queryKey: ['tool', item.id] })
  }
  const undo = useWrite({
    send: (id: string, write) =>
      take(
        api.DELETE('/api/kit/entries/{id}', {
          params: { path: { id }, header: write },
        }),
      ),
    onSuccess: fresh,
    onError: (e) => toast({ text: e.message, bad: true }),
  })
  const write = useWrite({
    send: (body: { kind: string; minutes?: number | string; dirt?: string }, write) =>
      take(
        api.POST('/api/kit/{id}/entries', {
          params: { path: { id: item.id }, header: write },
          body: body,
        }),
      ),
    onSuccess: (entry) => {
      fresh()
      setMinutes('')
      toast({
        text:
          `${toolName(item)}: ${DONE[entry.kind]}` + (entry.celsius !== null ? `, ${entry.celsius} °C` : ''),
        action: { label: 'Take back', run: () => undo.mutate(entry.id) },
      })
    },
    onError: (e) => toast({ text: e.message, bad: !(e instanceof ApiError && e.status === 422) }),
  })
  const errors = write.fields
  return (
    <div className="space-y-4 p-4">
      {item.cautions.length > 0 ? (
        <ul className="space-y-1">
          {item.cautions.map((c) => (
            <li
              key={c.code}
              className={`rounded-md px-3 py-2 font-bold
                ${LEVEL[c.level] ?? 'bg-slate-soft text-slate'}`}
            >
              {c.message}
            </li>
          ))}
        </ul>
      ) : (
        <p className="rounded-md bg-moss-soft px-3 py-2 font-bold text-moss">Ready: nothing is due.</p>
      )}
      <dl className="grid grid-cols-2 gap-x-4 gap-y-1">
        {item.worn_share !== null && (
          <Figure name="Run since ground" value={`${item.worn_min} min`}>
            <Why of="Run since ground" reasons={item.reasons} />
          </Figure>
        )}
        {item.oil_in_min !== null && (
          <Figure name="Oil in" value={item.oil_due ? 'now' : `${item.oil_in_min} min`} />
        )}
        {item.worn_share !== null && (
          <Figure
            name="Sharpening due about"
            value={item.sharpen_on ? day(item.sharpen_on) : 'not in sight'}
          />
        )}
        <Figure name="Last dog" value={item.last_dog || '–'} />
      </dl>
      {may('visit') && (
        <>
          <div className="flex flex-wrap gap-2" role="group" aria-label="Write down">
            {item.care
              .filter((k) => k !== 'run')
              .map((k) => (
                <Button
                  key={k}
                  className="min-h-12"
                  disabled={write.isPending}
                  onClick={() => write.mutate({ kind: k })}
                >
                  {DO[k]}
                </Button>
              ))}
          </div>
          {item.care.includes('run') && (
            <form
              className="grid grid-cols-[1fr_1fr_auto] items-start gap-2"
              noValidate
              onSubmit={(e) => {
                e.preventDefault()
                const n = Number(minutes.trim().replace(',', '.'))
                write.mutate({
                  kind: 'run',
                  minutes: minutes.trim() === '' || !Number.isFinite(n) ? minutes : n,
                  dirt,
                })
              }}
            >
              <TextField
                label="Used on a dog, minutes"
                inputMode="decimal"
                value={minutes}
                onChange={(e) => setMinutes(e.target.value)}
                error={errors.minutes}
              />
              <SelectField
                label="In"
                value={dirt}
                onChange={(e) => setDirt(e.target.value)}
                options={[
                  { id: 'clean', label: 'clean hair' },
                  { id: 'undercoat', label: 'undercoat' },
                  { id: 'dirty', label: 'dirty hair' },
                ]}
              />
              <Button type="submit" className="mt-6" disabled={write.isPending || minutes.trim() === ''}>
                Add
              </Button>
            </form>
          )}
        </>
      )}
      {item.advice && <p className="text-sm text-ink-2">{item.advice}</p>}
      <h3 className="text-lg">Its log</h3>
      {life === null ? (
        <p className="text-ink-2">Loading …</p>
      ) : life.entries.length === 0 ? (
        <p className="text-ink-2">
          Nothing is written down yet. A groom’s clipper timer and probe write here by themselves.
        </p>
      ) : (
        <ol className="divide-y divide-line text-sm">
          {life.entries.slice(0, 14).map((e) => (
            <li key={e.id} className="flex items-center gap-2 py-1">
              <span className="min-w-0 flex-1">
                <b>{DONE[e.kind]}</b>
                {e.kind === 'run' &&
                  ` ${e.minutes} min in ${e.dirt === 'undercoat' ? 'undercoat' : `${e.dirt} hair`}`}
                {e.celsius !== null && `, ${e.celsius} °C`}
                {e.dog && ` · ${e.dog}`}{' '}
                <span className="text-ink-2">
                  · {e.who}, {ago(e.at)}
                </span>
              </span>
              {may('visit') && (
                <Button
                  kind="quiet"
                  className="min-h-10 px-2 text-sm"
                  aria-label={`Take back: ${DONE[e.kind]} ${ago(e.at)}`}
                  onClick={() => undo.mutate(e.id)}
                >
                  Take back
                </Button>
              )}
            </li>
          ))}
        </ol>
      )}
    </div>
  )
}
