// When a place is open or a person works: a row for each day of the week, and days on which nobody comes.
import { Plus, X } from 'lucide-react'
import { useId } from 'react'
import type { Schemas } from '../../app/client'
import { Button } from '../../ui/Button'
import { DateField } from '../../ui/DateField'
import { isDay, timeTyped } from '../../ui/dates'
import { CheckField, TextField } from '../../ui/Field'

export type Hours = Schemas['PlaceView']['hours']
export type Closed = Schemas['PlaceView']['closed']

const DAYS: { id: Hours[number]['day']; label: string }[] = [
  { id: 'mon', label: 'Monday' },
  { id: 'tue', label: 'Tuesday' },
  { id: 'wed', label: 'Wednesday' },
  { id: 'thu', label: 'Thursday' },
  { id: 'fri', label: 'Friday' },
  { id: 'sat', label: 'Saturday' },
  { id: 'sun', label: 'Sunday' },
]

/** The hours in a few words: of each day, days alike together. */
export function hoursSaid(hours: Hours): string {
  const runs: { from: string; to: string; says: string }[] = []
  for (const d of DAYS) {
    const h = hours.find((one) => one.day === d.id)
    const short = d.label.slice(0, 3)
    const says = h ? `${h.from}–${h.to}` : ''
    const last = runs.at(-1)
    if (last?.says === says) last.to = short
    else runs.push({ from: short, to: short, says })
  }
  return runs
    .filter((r) => r.says)
    .map((r) => `${r.from === r.to ? r.from : `${r.from}–${r.to}`} ${r.says}`)
    .join(', ')
}

interface Props {
  title: string
  /** what is said of days on which nobody comes */
  closedTitle: string
  hours: Hours
  closed: Closed
  /** by the server's names: of hours, and of closed days as `closedName` */
  errors: Record<string, string>
  closedName: string
  onHours: (hours: Hours) => void
  onClosed: (closed: Closed) => void
}

export function HoursFields({
  title,
  closedTitle,
  hours,
  closed,
  errors,
  closedName,
  onHours,
  onClosed,
}: Props) {
  const id = useId()
  const set = (day: string, is: Partial<Hours[number]>) =>
    onHours(hours.map((h) => (h.day === day ? { ...h, ...is } : h)))
  const row = (i: number, is: Partial<Closed[number]>) =>
    onClosed(closed.map((c, n) => (n === i ? { ...c, ...is } : c)))
  return (
    <>
      <fieldset className="rounded-md border border-line p-3">
        <legend className="px-1 font-bold">{title}</legend>
        {hours.length === 0 && <p className="text-sm text-ink-2">Not said: every day is possible.</p>}
        <ul>
          {DAYS.map((d) => {
            const i = hours.findIndex((h) => h.day === d.id)
            const h = hours[i]
            return (
              <li key={d.id} className="grid grid-cols-[8.5rem_1fr_1fr] items-center gap-2">
                <CheckField
                  label={d.label}
                  checked={h !== undefined}
                  onChange={(e) =>
                    onHours(
                      e.target.checked
                        ? [...hours, { day: d.id, from: '09:00', to: '17:30' }]
                        : hours.filter((one) => one.day !== d.id),
                    )
                  }
                />
                {h &&
                  (['from', 'to'] as const).map((end) => (
                    <div key={end}>
                      <input
                        aria-label={`${d.label} ${end === 'from' ? 'from' : 'until'}`}
                        className="field min-h-11"
                        maxLength={5}
                        value={h[end]}
                        aria-invalid={!!errors[`hours[${i}].${end}`]}
                        aria-describedby={errors[`hours[${i}].${end}`] && `${id}.${i}.${end}`}
                        onChange={(e) => set(d.id, { [end]: e.target.value })}
                        onBlur={(e) => set(d.id, { [end]: timeTyped(e.target.value) })}
                      />
                      {errors[`hours[${i}].${end}`] && (
                        <span id={`${id}.${i}.${end}`} role="alert" className="text-sm font-bold text-haw">
                          {d.label} {errors[`hours[${i}].${end}`]}
                        </span>
                      )}
                    </div>
                  ))}
              </li>
            )
          })}
        </ul>
      </fieldset>
      <fieldset className="space-y-2 rounded-md border border-line p-3">
        <legend className="px-1 font-bold">{closedTitle}</legend>
        {closed.map((c, i) => (
          <div key={i} className="grid gap-x-2 sm:grid-cols-[1fr_1fr_1fr_auto_auto]">
            <DateField
              label="First day"
              value={c.from}
              onDay={(from) =>
                row(i, isDay(from) && !(isDay(c.to) && c.to >= from) ? { from, to: from } : { from })
              }
              error={errors[`${closedName}[${i}].from`]}
            />
            <DateField
              label="Last day"
              value={c.to}
              onDay={(to) => row(i, { to })}
              error={errors[`${closedName}[${i}].to`]}
            />
            <TextField
              label="Why"
              maxLength={60}
              value={c.why}
              onChange={(e) => row(i, { why: e.target.value })}
            />
            <span className="self-center">
              <CheckField
                label="Every year"
                checked={c.yearly ?? false}
                onChange={(e) => row(i, { yearly: e.target.checked })}
              />
            </span>
            <Button
              kind="quiet"
              className="self-center"
              aria-label={`Take out ${c.from}`}
              onClick={() => onClosed(closed.filter((_, n) => n !== i))}
            >
              <X aria-hidden className="size-5" />
            </Button>
          </div>
        ))}
        <Button onClick={() => onClosed([...closed, { from: '', to: '', why: '' }])}>
          <Plus aria-hidden className="size-5" /> Some days
        </Button>
      </fieldset>
    </>
  )
}
