// What somebody else changed while this card is open: remembered for a while, so that it can be marked.
import { useEffect, useRef, useState } from 'react'
import type { Schemas } from '../../app/client'

type Change = Schemas['RecentChangeView']
const SHOWN_MS = 45_000

export function useFresh(card: Schemas['CardView'] | undefined): { zones: Set<string>; news: Change | null } {
  const seen = useRef<{ dog: string; last: string } | null>(null)
  const [fresh, setFresh] = useState<Change[]>([])
  useEffect(() => {
    if (!card) return
    const newest = card.changes[0]?.id ?? ''
    const before = seen.current
    seen.current = { dog: card.dog.id, last: newest }
    if (before?.dog !== card.dog.id) return setFresh([])
    const added = card.changes.filter((c) => c.id > before.last && !c.mine)
    if (added.length === 0) return
    setFresh((all) => [...added, ...all])
    setTimeout(() => setFresh((all) => all.filter((c) => !added.includes(c))), SHOWN_MS)
  }, [card])
  return {
    zones: new Set(fresh.filter((c) => c.kind === 'plan_zone').map((c) => c.subject)),
    news: fresh[0] ?? null,
  }
}
