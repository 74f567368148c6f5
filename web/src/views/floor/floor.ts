// What the floor's parts share: how a part is said, which comes next, how minutes are said.
import type { Schemas } from '../../app/client'

export type FloorData = Schemas['FloorView']
export type FloorDog = Schemas['FloorDogView']

/** In their order, with where they are done. */
export const TRACK: [string, string][] = [
  ['prepare', 'Check'],
  ['bath', 'Bath'],
  ['dry', 'Dry'],
  ['strip', 'Strip'],
  ['cut', 'Cut'],
  ['ready', 'Ready'],
]

/** The parts that one tap can say come next: a strip only where somebody says so at the table. */
export function nextPart(dog: FloorDog): [string, string] | null {
  const at = TRACK.findIndex(([id]) => id === dog.part)
  const rest = TRACK.slice(at + 1).filter(([id]) => id !== 'strip')
  const short = dog.kind === 'nails' ? rest.filter(([id]) => id === 'ready') : rest
  return at < 0 ? null : (short[0] ?? null)
}

export function leftSaid(dog: FloorDog): string {
  if (dog.left === null) return ''
  const minutes = Math.abs(dog.left)
  const said =
    minutes < 60 ? `${minutes} min` : `${Math.floor(minutes / 60)} h ${String(minutes % 60).padStart(2, '0')}`
  return dog.left < 0 ? `${said} past` : `${said} left`
}
