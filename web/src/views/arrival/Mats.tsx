// What the comb found and what it comes to: load, the limit, the chosen zone, and every decision with its
// reasons.
import type { Schemas } from '../../app/client'
import { Button } from '../../ui/Button'
import { Choice } from '../../ui/Choice'
import { SelectField, TextField } from '../../ui/Field'
import { Why } from '../../ui/Why'
import { day, mm, shortDay } from '../../ui/words'
import { CautionLine } from '../../parts/Cautions'
import { shares, withMat, type ArrivalData, type CombDraft } from '../../parts/comb'
import type { useAutosave } from './useAutosave'
import { Limit, Trend } from './Score'

interface Props {
  arrival: ArrivalData
  comb: ReturnType<typeof useAutosave<CombDraft>>
  zone: string | null
  labels: Record<string, string>
  words: Schemas['VocabularyView']
  canWork: boolean
  onZone: (zone: string) => void
}

export function Mats({ arrival, comb, zone, labels, words, canWork, onZone }: Props) {
  const found = arrival.comb.zones.filter((z) => z.decision !== 'none')
  const questions = [...arrival.comb.questions, ...arrival.questions]
  const pending = comb.status !== 'saved'
  return (
    <div className="space-y-4 p-4" aria-busy={pending}>
      <h2 className="sr-only">Mats</h2>
      <div
        className={`grid grid-cols-[auto_1fr] items-center gap-x-5 rounded-lg bg-well p-3
          ${pending ? 'opacity-70' : ''}`}
        aria-live="polite"
      >
        <div>
          <output className="font-head text-4xl font-bold" data-testid="load">
            {arrival.comb.zones.length === 0 ? '–' : arrival.comb.load}
          </output>
          <span className="ml-1 text-sm text-ink-2">of 100, matting score</span>
        </div>
        <Trend
          trend={[...arrival.trend, { day: arrival.day, load: arrival.comb.load }]}
          limit={arrival.load_limit}
        />
        <div className="col-span-2 mt-2">
          <Limit worked={arrival.comb.worked_out_minutes} limit={arrival.comb.limit_minutes} />
          <p className="mt-1 text-sm text-ink-2">
            {arrival.comb.worked_out_minutes} of {arrival.comb.limit_minutes} min that {arrival.dog.name} can
            be worked on, {arrival.comb.tender_limit_minutes} in one tender zone{' '}
            <Why of="the limits" reasons={arrival.comb.reasons} />
          </p>
        </div>
      </div>
      {zone && (
        <Chosen
          key={zone}
          arrival={arrival}
          comb={comb}
          zone={zone}
          label={labels[zone] ?? zone}
          words={words}
          canWork={canWork}
        />
      )}
      {arrival.comb.warnings.map((w) => (
        <CautionLine key={w.code} caution={w} />
      ))}
      {questions.length > 0 && (
        <ul className="space-y-1 rounded-md border-2 border-bracken p-3 text-sm">
          {questions.map((q) => (
            <li key={q.field + q.message}>{q.message}</li>
          ))}
        </ul>
      )}
      {arrival.comb.even_mm !== null && (
        <p className="rounded-md bg-slate-soft px-3 py-2 text-sm text-slate">
          <b>{arrival.comb.even_on_consent ? 'Only if the owner asks: ' : 'Kinder in one: '}</b>
          an even {mm(arrival.comb.even_mm)} all over; tender places stay patches of their own.
        </p>
      )}
      <section>
        <h3 className="mb-1 text-lg">Decisions</h3>
        {found.length === 0 ? (
          <p className="text-ink-2">
            {arrival.comb.zones.length === 0
              ? 'Nothing combed yet. Usual places first.'
              : 'Everything combed so far is clear.'}
          </p>
        ) : (
          <ul className="divide-y divide-line">
            {found.map((z) => (
              <li key={z.zone} className="flex flex-wrap items-baseline gap-x-2 py-1.5 text-sm">
                <button
                  type="button"
                  className="min-h-8 font-bold text-thistle underline underline-offset-2"
                  onClick={() => onZone(z.zone)}
                >
                  {labels[z.zone]}
                </button>
                <span className="text-ink-2">
                  {z.severity} {words.severities.find((s) => s.id === z.severity)?.label}
                </span>
                <span className={z.decision === 'clip' ? 'font-bold text-haw' : ''}>
                  {z.words}
                  {z.leaves_mm !== null && `, leaves ${mm(z.leaves_mm)}`}
                </span>
                <span>{z.minutes} min</span>
                {z.overrule !== null && <span className="text-bracken">decided: {z.why}</span>}
                {z.fill_back_on && (
                  <span className="text-ink-2">grown out by {shortDay(z.fill_back_on)}</span>
                )}
                <Why of={`${labels[z.zone]}`} reasons={z.reasons} />
              </li>
            ))}
          </ul>
        )}
      </section>
      <fieldset className="grid grid-cols-2 gap-2" disabled={!canWork}>
        <legend className="mb-1 text-sm text-ink-2">Snags over the whole dog</legend>
        {(['stops_first', 'stops_second'] as const).map((name) => (
          <TextField
            key={name}
            label={name === 'stops_first' ? 'First pass' : 'Second pass'}
            type="number"
            min={0}
            max={999}
            value={comb.value[name] ?? ''}
            error={comb.error?.fields[name]}
            onChange={(e) =>
              comb.change((c) => ({ ...c, [name]: e.target.value === '' ? null : Number(e.target.value) }))
            }
          />
        ))}
      </fieldset>
    </div>
  )
}

function Chosen({
  arrival,
  comb,
  zone,
  label,
  words,
  canWork,
}: Omit<Props, 'zone' | 'labels' | 'onZone'> & { zone: string; label: string }) {
  const mat = comb.value.zones.find((z) => z.zone === zone)
  const reckoned = arrival.comb.zones.find((z) => z.zone === zone)
  const set = (change: Parameters<typeof withMat>[2]) =>
    comb.change((c) => withMat(c, zone, change, words.severities))
  const severity = mat?.severity ?? 0
  const graded = words.severities.find((s) => s.id === severity)
  return (
    <section className="space-y-2 rounded-lg border-2 border-thistle p-3" aria-label={label}>
      <h3 className="text-xl">
        {label}
        {reckoned?.tender && <span className="ml-2 text-sm font-normal text-bracken">tender</span>}
      </h3>
      {['rear', 'tail', 'sanitary'].includes(words.zones.find((z) => z.id === zone)?.group ?? '') && (
        <p className="text-sm font-bold text-bracken">{arrival.dog.tail_rule}</p>
      )}
      {!canWork ? (
        <p>{mat ? graded?.label : 'not combed'}</p>
      ) : (
        <>
          <Choice
            small
            label={`Severity of ${label}`}
            value={mat ? String(severity) : ''}
            onChange={(s) => set({ severity: Number(s) })}
            options={words.severities.map((s) => ({
              id: String(s.id),
              label: s.id === 0 ? `0 ${s.label}` : String(s.id),
            }))}
          />
          {severity > 0 && (
            <>
              <div className="flex flex-wrap items-end gap-3">
                <div>
                  <span className="label">Spread</span>
                  <Choice
                    small
                    label="Spread"
                    value={String(Math.max(0.25, Math.round((mat?.spread ?? 1) * 4) / 4))}
                    onChange={(s) => set({ spread: Number(s) })}
                    options={shares(words.spreads)}
                  />
                </div>
                {graded?.asks_clearance && (
                  <div>
                    <span className="label">A comb tooth passes under it</span>
                    <Choice
                      small
                      label="Clearance"
                      value={(mat?.clearance ?? graded.passes) ? 'yes' : 'no'}
                      onChange={(v) => set({ clearance: v === 'yes' })}
                      options={[
                        { id: 'yes', label: 'yes' },
                        { id: 'no', label: 'no' },
                      ]}
                    />
                  </div>
                )}
              </div>
              <SelectField
                label="Skin there"
                value={mat?.skin ?? ''}
                options={[{ id: '', label: 'not seen yet' }, ...words.lists.skin_under]}
                onChange={(e) => set({ skin: e.target.value || null })}
              />
              <details open={!!mat?.overrule}>
                <summary className="min-h-8 text-sm font-bold text-ink-2">Decide differently</summary>
                <div className="mt-1 grid gap-2 sm:grid-cols-2">
                  <SelectField
                    label="Your decision"
                    value={mat?.overrule ?? ''}
                    options={[
                      { id: '', label: 'as reckoned' },
                      ...words.lists.decision.filter(
                        (d) => d.id !== 'none' && (severity < 4 || d.id === 'clip'),
                      ),
                    ]}
                    onChange={(e) => set({ overrule: e.target.value || null })}
                  />
                  <TextField
                    label="Because"
                    value={mat?.why ?? ''}
                    maxLength={200}
                    error={
                      mat?.overrule && !mat.why.trim() ? 'is needed: the next person has to know' : undefined
                    }
                    onChange={(e) => set({ why: e.target.value })}
                  />
                </div>
              </details>
            </>
          )}
          {reckoned && reckoned.decision !== 'none' && (
            <p className="text-sm">
              <b
                className={reckoned.decision === 'clip' ? 'text-haw' : 'text-moss'}
              >{`${reckoned.words},`}</b>{' '}
              {reckoned.minutes} min
              {reckoned.fill_back_on && `; grown out by ${day(reckoned.fill_back_on)}`}{' '}
              <Why of={label} reasons={reckoned.reasons} />
            </p>
          )}
          {mat && severity === 0 && (
            <Button
              kind="quiet"
              className="text-sm"
              onClick={() => comb.change((c) => ({ ...c, zones: c.zones.filter((z) => z.zone !== zone) }))}
            >
              Not combed after all
            </Button>
          )}
        </>
      )}
    </section>
  )
}
