// What differs, zone by zone: between two visits as PHP compared them, or what grows until the week of the
// slider.
import { memo, useMemo, type ReactNode } from 'react'
import { mm, trim } from '../../ui/words'
import { at, matsAt } from '../../parts/weeksAhead'
import type { Schemas } from '../../app/client'

type ThenData = Schemas['ThenView']
const MATS = ['', 'tangles', 'mats', 'tight mats']
const SHOWN = 60

interface Props {
  data: ThenData
  week: number
  ahead: boolean
  words: { id: string; label: string }[]
  zone: string | null
  onZone: (zone: string) => void
}

export const Differences = memo(function Differences({ data, week, ahead, words, zone, onZone }: Props) {
  const labels = useMemo(() => Object.fromEntries(words.map((z) => [z.id, z.label])), [words])
  const growing = ahead && week > 0
  return (
    <section
      aria-label="Differences"
      tabIndex={0}
      className="panel min-h-0 overflow-y-auto p-4 lg:w-[23rem] lg:shrink-0 short:w-auto"
    >
      <h2 className="text-lg">{growing ? `What grows in ${trim(week)} weeks` : 'What differs'}</h2>
      {growing ? (
        <Growth {...{ data, week, labels, zone, onZone }} />
      ) : (
        <Compared {...{ data, zone, onZone }} />
      )}
    </section>
  )
})

function Compared({ data, zone, onZone }: Pick<Props, 'data' | 'zone' | 'onZone'>) {
  const total =
    data.then.minutes !== null && data.now.minutes !== null ? data.now.minutes - data.then.minutes : null
  const groups = grouped(data.differences, (d) => JSON.stringify([d.mm, d.changes, d.why]), zone)
  if (data.differences.length === 0) return <p className="text-ink-2">Nothing differs between these two.</p>
  return (
    <>
      {total !== null && total !== 0 && (
        <p className="text-sm">
          {data.then.minutes} → {data.now.minutes} min:{' '}
          <b>{total > 0 ? `${total} longer` : `${-total} shorter`}</b>
        </p>
      )}
      <ul className="divide-y divide-line">
        {groups.slice(0, SHOWN).map(([d, ...more]) => (
          <li key={d.zone}>
            <Row
              zones={[d, ...more].map((x) => ({ id: x.zone, label: x.label }))}
              chosen={zone}
              onZone={onZone}
              mm={d.mm}
            >
              {d.changes.map((c) => (
                <span key={c.of} className="block text-sm">
                  <span className="text-ink-2">{c.of}</span> {c.was} → {c.is}
                </span>
              ))}
              {d.why && <span className="block text-sm font-bold text-slate">why: {d.why}</span>}
            </Row>
          </li>
        ))}
      </ul>
    </>
  )
}

function Growth({
  data,
  week,
  labels,
  zone,
  onZone,
}: Pick<Props, 'data' | 'week' | 'zone' | 'onZone'> & { labels: Record<string, string> }) {
  const { outlook } = data
  const mats = matsAt(outlook, week)
  const rows = Object.entries(outlook.zones)
    .map(([id, c]) => ({
      id,
      from: c.mm[0] ?? 0,
      to: at(c.mm, outlook.weeks, week),
      low: at(c.low, outlook.weeks, week),
      high: at(c.high, outlook.weeks, week),
    }))
    .map((r) => ({ ...r, zone: r.id, mat: mats[r.id] ?? 0 }))
    .sort((x, y) => y.mat - x.mat || y.to - y.from - (x.to - x.from))
  const groups = grouped(rows, (r) => [r.mat, trim(r.from), trim(r.to)].join('|'), zone)
  const elsewhere = Object.keys(mats).filter((z) => !outlook.zones[z])
  if (rows.length === 0)
    return (
      <p className="text-ink-2">
        Nobody knows yet what was left on this dog: after the first visit this fills.
      </p>
    )
  return (
    <>
      {elsewhere.length > 0 && (
        <p className="text-sm font-bold text-bracken">
          Mats likely too: {paired(elsewhere.map((z) => labels[z] ?? z)).join(' · ')}
        </p>
      )}
      <ul className="divide-y divide-line">
        {groups.slice(0, SHOWN).map(([r, ...more]) => (
          <li key={r.id}>
            <Row
              zones={[r, ...more].map((x) => ({ id: x.id, label: labels[x.id] ?? x.id }))}
              chosen={zone}
              onZone={onZone}
              mm={r.to - r.from}
            >
              <span className="block text-sm">
                {trim(r.from)} → {mm(r.to)}{' '}
                <span className="text-ink-2">
                  (four of five: {trim(r.low)}–{trim(r.high)})
                </span>
              </span>
              {r.mat > 0 && (
                <span className="block text-sm font-bold text-bracken">{MATS[r.mat]} likely</span>
              )}
            </Row>
          </li>
        ))}
      </ul>
    </>
  )
}

/** Zones that differ in the same way stand together; the one that is looked at comes first. */
function grouped<T extends { zone: string }>(all: T[], key: (one: T) => string, zone: string | null) {
  const out = new Map<string, [T, ...T[]]>()
  for (const one of all) {
    const [first, ...more] = out.get(key(one)) ?? []
    out.set(key(one), first ? [first, ...more, one] : [one])
  }
  return [...out.values()].sort(
    (a, b) => Number(b.some((x) => x.zone === zone)) - Number(a.some((x) => x.zone === zone)),
  )
}

function Row({
  zones,
  chosen,
  onZone,
  mm: difference,
  children,
}: {
  zones: { id: string; label: string }[]
  chosen: string | null
  onZone: (zone: string) => void
  mm: number | null
  children: ReactNode
}) {
  const here = zones.some((z) => z.id === chosen)
  return (
    <button
      type="button"
      aria-pressed={here}
      onClick={() => zones[0] && onZone(zones[0].id)}
      className={`block min-h-11 w-full rounded px-1 py-1.5 text-left
        ${here ? 'bg-thistle-soft' : 'hover:bg-well'}`}
    >
      <span className="flex justify-between gap-2 font-bold leading-tight">
        <span>{paired(zones.map((z) => z.label)).join(' · ')}</span>{' '}
        {difference !== null && difference !== 0 && <span className="shrink-0">{signed(difference)}</span>}
      </span>
      {children}
    </button>
  )
}

const SIDE = /^((?:front |hind )?(?:left|right)) (.+)$/

/** "left thigh" and "right thigh" are said once: "thigh, both"; four feet as "all". */
export function paired(labels: string[]): string[] {
  const sides = new Map<string, string[]>()
  for (const label of labels) {
    const [, side = '', part = label] = SIDE.exec(label) ?? []
    sides.set(part, [...(sides.get(part) ?? []), side])
  }
  return [...sides].flatMap(([part, s]) =>
    s.length === 4
      ? [`${part}, all`]
      : s.length === 2
        ? [`${part}, both`]
        : s.map((x) => (x ? `${x} ${part}` : part)),
  )
}

function signed(v: number): string {
  return `${v > 0 ? '+' : v < 0 ? '−' : ''}${trim(Math.abs(v))} mm`
}
