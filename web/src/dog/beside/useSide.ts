// The side view's drawing: its field, coat and areas, computed beside the page and kept; where there is no
// worker, at once.
import { useEffect, useMemo, useRef, useState } from 'react'
import { areasOf } from '../areas'
import type { DogLook } from '../build'
import { fieldOf, keyOfField, knowField, knownField, type Field } from '../field'
import { laidCoat } from '../frames'
import { askBeside, hasWorker } from './beside'
import type { Answer, Drawn } from './ask'

const MOST = 160
const drawings = new Map<string, Drawn>()

export interface Side extends Drawn {
  field: Field
}

const isField = (said: Answer): said is Field => said !== null && 'bones' in said
const isDrawn = (said: Answer): said is Drawn => said !== null && 'areas' in said

async function drawnBeside(look: DogLook, lengths: string, alike: Record<string, string>): Promise<Side> {
  const known = knownField(look)
  const field =
    known ?? knowField(look, await askBeside({ what: 'field', look }, () => fieldOf(look), isField))
  const here = (): Drawn => drawnHere(field, look, lengths, alike)
  return { field, ...(await askBeside({ what: 'draw', look, lengths, alike }, here, isDrawn)) }
}

function drawnHere(field: Field, look: DogLook, lengths: string, alike: Record<string, string>): Drawn {
  return { paths: laidCoat(field, look.coat, lengths), areas: areasOf(field, alike) }
}

/** What is kept, else computed and kept. @param lengths, alike as in `useSide` */
export async function drawingOf(look: DogLook, lengths: string, alike: string): Promise<Side> {
  const key = keyOf(look, lengths, alike)
  const field = knownField(look)
  const drawn = drawings.get(key)
  if (field && drawn) return { field, ...drawn }
  const side = await drawnBeside(look, lengths, parsed(alike))
  remember(key, side)
  return side
}

function keyOf(look: DogLook, lengths: string, alike: string): string {
  return `${keyOfField(look)}|${look.coat}|${lengths}|${alike}`
}

function remember(key: string, drawn: Drawn): void {
  if (drawings.size >= MOST) drawings.delete(drawings.keys().next().value ?? '')
  drawings.set(key, drawn)
}

/**
 * The newest drawing there is; null while the first of this dog is computed.
 * @param lengths mm by zone, as JSON
 * @param alike zones by what is alike in them, as JSON
 */
export function useSide(look: DogLook, lengths: string, alike: string): Side | null {
  const dog = keyOfField(look)
  const key = keyOf(look, lengths, alike)
  const now = useMemo((): Side | null => {
    const field = knownField(look) ?? (hasWorker ? null : fieldOf(look))
    const drawn =
      drawings.get(key) ?? (field && !hasWorker ? drawnHere(field, look, lengths, parsed(alike)) : null)
    return field && drawn ? { field, ...drawn } : null
  }, [look, key, lengths, alike])
  const [came, setCame] = useState<{ dog: string; key: string; side: Side } | null>(null)
  const busy = useRef(false)
  // What was shown last stays while the next is computed.
  if (now && came?.side !== now) setCame({ dog, key, side: now })
  useEffect(() => {
    // One at a time: what is wanted while one is computed is not drawn, only the newest of it. What another
    // view has had drawn since this was rendered is asked for all the same, and comes at once.
    if (now || busy.current || came?.key === key) return
    busy.current = true
    void drawingOf(look, lengths, alike).then((side) => {
      busy.current = false
      setCame({ dog, key, side })
    })
  }, [now, came, dog, key, look, lengths, alike])
  return now ?? (came?.dog === dog ? came.side : null)
}

function parsed(json: string): Record<string, string> {
  return JSON.parse(json) as Record<string, string>
}
