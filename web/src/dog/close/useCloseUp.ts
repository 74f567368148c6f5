// A close-up, computed once for each look in a worker and kept; where there is no worker, at once.
import { useEffect, useMemo, useState } from 'react'
import { askBeside, hasWorker } from '../beside/beside'
import type { Answer } from '../beside/ask'
import type { DogLook } from '../build'
import type { CloseUp, Kept } from './plate'
import { closeUpOf, keepOf, type View } from './views'

const MOST = 8
const known = new Map<string, Kept[]>()
const asked = new Map<string, Promise<Kept[]>>()
const isKept = (said: Answer): said is Kept[] => Array.isArray(said)

function keyOf(view: View, look: DogLook): string {
  const { build, muzzle, ear_type, ear_set, tail_type, size, sex, absent = [] } = look
  return [view, build, muzzle, ear_type, ear_set, tail_type, size, sex, absent.join(' ')].join('|')
}

function remember(key: string, kept: Kept[]): Kept[] {
  if (known.size >= MOST) known.delete(known.keys().next().value ?? '')
  known.set(key, kept)
  return kept
}

function ask(view: View, look: DogLook): Promise<Kept[]> {
  const key = keyOf(view, look)
  let one = asked.get(key)
  if (!one) {
    one = askBeside({ what: 'close', key, view, look }, () => keepOf(view, look), isKept)
      .then((kept) => remember(key, kept))
      .finally(() => asked.delete(key))
    asked.set(key, one)
  }
  return one
}

/** kept is null until it is computed. */
export function useCloseUp(view: View, look: DogLook): { close: CloseUp; kept: Kept[] | null } {
  const close = useMemo(() => closeUpOf(view, look), [view, look])
  const key = keyOf(view, look)
  const [came, setCame] = useState<{ key: string; kept: Kept[] } | null>(null)
  const here = useMemo(
    () => known.get(key) ?? (hasWorker ? null : remember(key, keepOf(view, look))),
    [key, view, look],
  )
  useEffect(() => {
    if (here) return
    let wanted = true
    void ask(view, look).then((kept) => wanted && setCame({ key, kept }))
    return () => {
      wanted = false
    }
  }, [here, key, view, look])
  return { close, kept: here ?? (came?.key === key ? came.kept : null) }
}
