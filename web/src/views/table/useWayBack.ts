// Taps with a way back.
import { useState } from 'react'
import type { Shown, TapData } from './taps'
import type { useGroom } from './useGroom'

/**
 * What was tapped here of zones and steps can be taken back, the newest first; what was half done is so
 * again.
 */
export function useWayBack(at: ReturnType<typeof useGroom>, groom: Shown) {
  const [done, setDone] = useState<{ data: TapData; half: { zone: string; why: string }[] }[]>([])
  const tap = (data: TapData) => {
    if ((data.kind === 'zone' || data.kind === 'step') && data.state !== 'planned' && data.state !== 'open') {
      const half = groom.zones
        .filter((z) => z.state === 'partly' && (data.zones ?? []).includes(z.zone))
        .map(({ zone, why }) => ({ zone, why }))
      setDone((all) => [...all.slice(-40), { data, half }])
    }
    return at.tap(data)
  }
  /** Takes the newest back; says which step it belongs to. */
  const back = (): string | null => {
    const last = done.at(-1)
    if (!last) return null
    setDone((all) => all.slice(0, -1))
    const zones = last.data.zones ?? []
    const rest = zones.filter((zone) => !last.half.some((h) => h.zone === zone))
    if (last.data.kind === 'step') at.tap({ kind: 'step', step: last.data.step, state: 'open' })
    if (rest.length) at.tap({ kind: 'zone', zones: rest, state: 'planned' })
    for (const why of new Set(last.half.map((h) => h.why))) {
      at.tap({
        kind: 'zone',
        zones: last.half.filter((h) => h.why === why).map((h) => h.zone),
        state: 'partly',
        why,
      })
    }
    return typeof last.data.step === 'string'
      ? last.data.step
      : (groom.steps.find((s) => s.zones.some((z) => zones.includes(z)))?.key ?? null)
  }
  return { tap, back, some: done.length > 0 }
}
