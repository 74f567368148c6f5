// Claw by claw, foot by foot, ear by ear: what was found, what is done today, what it is now.
import type { Schemas } from '../../app/client'
import { Choice } from '../../ui/Choice'
import { Why } from '../../ui/Why'
import { shortDay } from '../../ui/words'
import type { Shown, TapData } from '../../parts/taps'

const FEET = [
  ['front_left', 'Front left'],
  ['front_right', 'Front right'],
  ['hind_left', 'Hind left'],
  ['hind_right', 'Hind right'],
] as const
const CARE = ['sanitary', 'pads', 'eyes', 'nails', 'dewclaws', 'ears', 'undercoat', 'strip']
const CLAW_STATES = ['tipped', 'tiny_cut', 'ground', 'left', 'refused', 'quicked']
const ACTIONS: Record<string, string> = {
  leave: 'leave',
  tip: 'tip',
  tiny_cuts: 'tiny cuts',
  grind_only: 'grind only',
  refer: 'vet, do not touch',
}
/** What a first tap on a claw says: the action of the rule, done. */
const DONE: Record<string, string> = {
  leave: 'left',
  tip: 'tipped',
  tiny_cuts: 'tiny_cut',
  grind_only: 'ground',
  refer: 'left',
}

type Claw = Schemas['GroomView']['claws'][number]

export function Parts({
  groom,
  canWork,
  onTap,
}: {
  groom: Shown
  canWork: boolean
  onTap: (data: TapData) => void
}) {
  const working = canWork && groom.state !== 'closed'
  const ears = (name: string) => groom.ears[name] ?? ''
  return (
    <div className="space-y-5 p-4">
      <section aria-label="Nails">
        <h2 className="text-lg">Nails and pads</h2>
        <p className="mb-2 text-sm text-ink-2">
          A tap says the action shown is done; tap again for another. Next nails{' '}
          {shortDay(groom.nails_next_on)}
          {groom.dewclaws_next_on && `, dewclaws ${shortDay(groom.dewclaws_next_on)}`}.
        </p>
        <div className="grid gap-3 sm:grid-cols-2">
          {FEET.map(([foot, label]) => (
            <div key={foot} className="rounded-md border border-line p-2">
              <h3 className="text-sm font-bold">{label}</h3>
              <div className="my-1 grid grid-cols-5 gap-1">
                {groom.claws
                  .filter((c) => c.foot === foot)
                  .map((c) => (
                    <button
                      key={c.claw}
                      type="button"
                      disabled={!working}
                      title={c.why}
                      onClick={() => onTap({ kind: 'claw', foot, claw: c.claw, state: following(c) })}
                      className={`min-h-12 min-w-0 rounded-md border px-0.5 text-xs leading-tight
                        ${lookOf(c)}`}
                    >
                      <span className="sr-only">
                        {label}, nail {c.claw}:{' '}
                      </span>
                      {c.dewclaw && <span className="block text-xs">dewclaw </span>}
                      {c.state
                        ? `${c.state === 'quicked' ? '!' : '✓'} ${c.state.replace('_', ' ')}`
                        : ACTIONS[c.action]}
                      <span className="sr-only">{c.state ? '' : `, to do, ${c.why}`}</span>
                    </button>
                  ))}
              </div>
              <div className="flex flex-wrap items-center gap-x-2 text-sm">
                <span>
                  Pads bare of 5{groom.pads[foot]?.found != null && `, came with ${groom.pads[foot].found}`}
                </span>
                <Choice
                  small
                  label={`${label}: pads bare`}
                  value={groom.pads[foot]?.left == null ? '' : String(groom.pads[foot].left)}
                  options={['0', '1', '2', '3', '4', '5'].map((n) => ({ id: n, label: n }))}
                  onChange={(n) => working && onTap({ kind: 'pads', foot, bare: Number(n) })}
                />
              </div>
            </div>
          ))}
        </div>
      </section>
      <section aria-label="Ears and eyes" className="space-y-2">
        <h2 className="text-lg">Ears and eyes</h2>
        <p className="text-sm font-bold text-bracken">
          Smell, redness, discharge: do not clean, refer to a vet. Never deep.
        </p>
        {(['left', 'right'] as const).map((side) => (
          <div key={side} className="flex flex-wrap items-center gap-2 text-sm">
            <b className="w-12 capitalize">{side}</b>
            {(['inside', 'outside'] as const).map((place) => (
              <label key={place} className="flex items-center gap-1">
                <span>ear {place}</span>
                <select
                  className="field w-auto"
                  disabled={!working}
                  value={ears(`${side}.${place}`)}
                  onChange={(e) => onTap({ kind: 'ear', side, place, state: e.target.value })}
                >
                  <option value="" disabled>
                    not yet
                  </option>
                  <option value="cleaned">cleaned</option>
                  <option value="clean_already">clean already</option>
                  <option value="left">left alone</option>
                  <option value="refer">to a vet</option>
                </select>
              </label>
            ))}
            <label className="flex items-center gap-1">
              <span>eye</span>
              <select
                className="field w-auto"
                disabled={!working}
                value={groom.eyes[side] ?? ''}
                onChange={(e) => onTap({ kind: 'eye', side, state: e.target.value })}
              >
                <option value="" disabled>
                  not yet
                </option>
                <option value="wiped">wiped</option>
                <option value="left">left alone</option>
                <option value="refer">to a vet</option>
              </select>
            </label>
          </div>
        ))}
      </section>
      {groom.clocks.length > 0 && (
        <section aria-label="Due again">
          <h2 className="text-lg">Due again, if it leaves as planned</h2>
          <ul className="flex flex-wrap gap-x-5 text-sm">
            {groom.clocks
              .filter((c) => CARE.includes(c.clock))
              .map((c) => (
                <li key={c.clock}>
                  {c.clock} <b>{shortDay(c.due_on)}</b> <Why of={`${c.clock} clock`} reasons={c.reasons} />
                </li>
              ))}
          </ul>
        </section>
      )}
      {groom.strip_map.length > 0 && <StripMap groom={groom} />}
    </div>
  )
}

function StripMap({ groom }: { groom: Shown }) {
  const days = new Map<string, string[]>()
  for (const s of groom.strip_map) days.set(s.day ?? '', [...(days.get(s.day ?? '') ?? []), s.zone])
  return (
    <section aria-label="Strip map">
      <h2 className="text-lg">Stripped when</h2>
      <ul className="text-sm">
        {[...days]
          .sort(([a], [b]) => (a < b ? 1 : -1))
          .map(([day, zones]) => (
            <li key={day} className="py-1">
              <b>{day === '' ? 'Not yet' : shortDay(day)}</b>:{' '}
              {zones.map((z) => z.replaceAll('_', ' ')).join(', ')}
            </li>
          ))}
      </ul>
    </section>
  )
}

function lookOf(claw: { state: string | null; action: string }): string {
  if (claw.state === 'quicked') return 'border-haw bg-haw-soft font-bold text-haw'
  if (claw.state) return 'border-moss bg-moss-soft font-bold text-moss'
  return claw.action === 'refer' ? 'border-haw text-haw' : 'border-line'
}

function following(c: Claw): string {
  return c.state === null
    ? (DONE[c.action] ?? 'left')
    : (CLAW_STATES[CLAW_STATES.indexOf(c.state) + 1] ?? 'tipped')
}
