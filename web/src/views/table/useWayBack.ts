// Taps with a way back.
import { useState } from 'react'
import type { Shown, TapData } from '../../parts/taps'
import type { useGroom } from './useGroom'

interface Made {
  data: TapData
  half: { zone: string; why: string }[]
}
const isWork = (data: TapData) =>
  (data.kind === 'zone' || data.kind === 'step') && data.state !== 'planned' && data.state !== 'open'

/**
 * What was tapped here of zones and steps can be taken back, the newest first; what was half done is so
 * again.
 */
export function useWayBack(at: ReturnType<typeof useGroom>, groom: Shown) {
  const [done, setDone] = useState<Made[][]>([])
  const tap = (...all: TapData[]) => {
    const made = all.filter(isWork).map((data) => ({
      data,
      half: groom.zones
        .filter((z) => z.state === 'partly' && (data.zones ?? []).includes(z.zone))
        .map(({ zone, why }) => ({ zone, why })),
    }))
    if (made.length) setDone((before) => [...before.slice(-40), made])
    all.forEach((data) => at.tap(data))
  }
  const takeBack = ({ data, half }: Made) => {
    const rest = (data.zones ?? []).filter((zone) => !half.some((h) => h.zone === zone))
    if (data.kind === 'step') at.tap({ kind: 'step', step: data.step, state: 'open' })
    if (rest.length) at.tap({ kind: 'zone', zones: rest, state: 'planned' })
    for (const why of new Set(half.map((h) => h.why))) {
      const zones = half.filter((h) => h.why === why).map((h) => h.zone)
      at.tap({ kind: 'zone', zones, state: 'partly', why })
    }
  }
  /** Takes the newest back, all that was told with one tap; says which step it begins with. */
  const back = (): string | null => {
    const last = done.at(-1)
    if (!last?.[0]) return null
    setDone((all) => all.slice(0, -1))
    last.forEach(takeBack)
    const { data } = last[0]
    return typeof data.step === 'string'
      ? data.step
      : (groom.steps.find((s) => s.zones.some((z) => (data.zones ?? []).includes(z)))?.key ?? null)
  }
  return { tap, back, some: done.length > 0 }
}
