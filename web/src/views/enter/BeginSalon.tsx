// A salon begins, in three plain steps that can be left and taken up again; secrets are kept nowhere.
import { useEffect, useState } from 'react'
import { z } from 'zod'
import { api, take, type Schemas } from '../../app/client'
import { Button } from '../../ui/Button'
import { Choice } from '../../ui/Choice'
import { SelectField, TextField } from '../../ui/Field'
import { LANGUAGES, UNITS } from '../../parts/speech'
import { Page, Until } from './Page'
import { useEntering } from './useEntering'
import { NOBODY, You, type Person } from './You'

const KEPT = 'thistle.begin'
const typed = z.object({
  salon: z.string(),
  time_zone: z.string(),
  currency: z.string(),
  hemisphere: z.enum(['north', 'south']),
  units: z.enum(['metric', 'us']),
  language: z.enum(['en', 'en-US']),
  place: z.string(),
  place_kind: z.enum(['room', 'van']),
  name: z.string(),
  login: z.string(),
})
type Typed = z.infer<typeof typed>
const STEPS = [
  { title: 'Your salon', fields: ['salon', 'time_zone', 'currency', 'hemisphere', 'units', 'language'] },
  { title: 'Where you groom', fields: ['place', 'place_kind'] },
  { title: 'You, its first manager', fields: ['name', 'login', 'password', 'pin'] },
]
/** What this browser is set to is likely meant. */
const AMERICAN = navigator.language === 'en-US'
const HERE = Intl.DateTimeFormat().resolvedOptions().timeZone

function begun(zones: string[]): Typed {
  const fresh: Typed = {
    salon: '',
    time_zone: zones.includes(HERE) ? HERE : 'UTC',
    currency: 'EUR',
    hemisphere: 'north',
    units: AMERICAN ? 'us' : 'metric',
    language: AMERICAN ? 'en-US' : 'en',
    place: 'Salon',
    place_kind: 'room',
    name: '',
    login: '',
  }
  try {
    return { ...fresh, ...typed.partial().parse(JSON.parse(localStorage.getItem(KEPT) ?? '{}')) }
  } catch {
    return fresh
  }
}

interface Props {
  token: string
  opened: Schemas['EnterView']
  inside: () => void
}

export function BeginSalon({ token, opened, inside }: Props) {
  const [v, setV] = useState(() => begun(opened.time_zones))
  const [secret, setSecret] = useState({ password: NOBODY.password, pin: NOBODY.pin })
  const [step, setStep] = useState(0)
  useEffect(() => localStorage.setItem(KEPT, JSON.stringify(v)), [v])
  const set = (change: Partial<Typed>) => setV({ ...v, ...change })
  const { enter, busy, fields, problem } = useEntering(
    () =>
      take(api.POST('/api/enter/{token}/salon', { params: { path: { token } }, body: { ...v, ...secret } })),
    () => {
      localStorage.removeItem(KEPT)
      inside()
    },
  )
  // What was wrong may be a step back: there it is shown, and said here.
  const wrong = STEPS.map((s) => s.fields.some((f) => fields[f]))
  const last = step === STEPS.length - 1
  const next = () => (last ? enter() : setStep(step + 1))
  const person = { name: v.name, login: v.login, ...secret }
  const you = ({ name, login, password, pin }: Partial<Person>) => {
    if (name !== undefined || login !== undefined) set({ name: name ?? v.name, login: login ?? v.login })
    if (password !== undefined || pin !== undefined)
      setSecret({ password: password ?? secret.password, pin: pin ?? secret.pin })
  }
  return (
    <Page title="Begin your salon">
      <nav aria-label="Steps">
        <ol className="flex flex-wrap gap-2">
          {STEPS.map((s, i) => (
            <li key={s.title}>
              <button
                type="button"
                aria-current={i === step ? 'step' : undefined}
                onClick={() => setStep(i)}
                className={`min-h-11 rounded-md border px-3 font-bold ${
                  i === step ? 'border-thistle text-thistle' : 'border-line text-ink-2'
                }`}
              >
                {i + 1}. {s.title}
                {wrong[i] && <span className="text-haw"> · something is wrong here</span>}
              </button>
            </li>
          ))}
        </ol>
      </nav>
      <form onSubmit={(e) => (e.preventDefault(), next())} noValidate className="space-y-3">
        {step === 0 && (
          <>
            <TextField
              label="Name of the salon"
              maxLength={80}
              autoFocus
              value={v.salon}
              onChange={(e) => set({ salon: e.target.value })}
              error={fields.salon}
            />
            <SelectField
              label="Time zone"
              hint="whose day it is in the diary"
              value={v.time_zone}
              options={opened.time_zones.map((id) => ({ id, label: id.replaceAll('_', ' ') }))}
              onChange={(e) => set({ time_zone: e.target.value })}
              error={fields.time_zone}
            />
            <SelectField
              label="Currency"
              value={v.currency}
              options={opened.currencies}
              onChange={(e) => set({ currency: e.target.value })}
              error={fields.currency}
            />
            <div>
              <p className="label">Hemisphere</p>
              <Choice
                label="Hemisphere"
                value={v.hemisphere}
                options={[
                  { id: 'north', label: 'North' },
                  { id: 'south', label: 'South' },
                ]}
                onChange={(hemisphere) => set({ hemisphere })}
              />
              <p className="mt-1 text-xs text-ink-2">when a coat blows, and when it grows fastest</p>
            </div>
            <div>
              <p className="label">Weights and lengths</p>
              <Choice
                label="Weights and lengths"
                value={v.units}
                options={UNITS}
                onChange={(units) => set({ units: units === 'us' ? 'us' : 'metric' })}
              />
            </div>
            <div>
              <p className="label">Language</p>
              <Choice
                label="Language"
                value={v.language}
                options={LANGUAGES}
                onChange={(language) => set({ language: language === 'en-US' ? 'en-US' : 'en' })}
              />
            </div>
          </>
        )}
        {step === 1 && (
          <>
            <TextField
              label="First place"
              hint="as you call it; more can be added later"
              maxLength={60}
              autoFocus
              value={v.place}
              onChange={(e) => set({ place: e.target.value })}
              error={fields.place}
            />
            <div>
              <p className="label">It is</p>
              <Choice
                label="It is"
                value={v.place_kind}
                options={[
                  { id: 'room', label: 'A room' },
                  { id: 'van', label: 'A van' },
                ]}
                onChange={(place_kind) => set({ place_kind })}
              />
            </div>
          </>
        )}
        {last && <You person={person} set={you} errors={fields} least={opened.password_least} />}
        <p role="alert" className="font-bold text-haw">
          {problem}
        </p>
        <div className="flex gap-2">
          <Button type="submit" kind="main" disabled={busy}>
            {last ? (busy ? 'One moment …' : 'Begin') : 'Go on'}
          </Button>
          {step > 0 && <Button onClick={() => setStep(step - 1)}>Back</Button>}
        </div>
      </form>
      <p className="text-sm text-ink-2">
        What you type is kept on this device until you are done; your password and PIN are not.
      </p>
      <Until opened={opened} />
    </Page>
  )
}
