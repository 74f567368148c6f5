// Computes drawings beside the page: what of one does not depend on lengths, kept in the browser's store too;
// coats and areas of given lengths.
import { areasOf } from '../areas'
import type { DogLook } from '../build'
import { keepOf } from '../close/views'
import { fieldOf, keyOfField, knowField, type Field } from '../field'
import { laidCoat } from '../frames'
import type { Answer, Ask } from './ask'
import { remembered } from './store'

/** Newest list of coats to lay while nothing else is asked. */
let laying = 0

async function fieldKept(look: DogLook): Promise<Field> {
  const field = await remembered(keyOfField(look), () => fieldOf(look))
  return knowField(look, field)
}

/** One coat at a time, so that whatever is asked meanwhile comes first. */
function lay(look: DogLook, field: Field, lengths: string[], mine: number): void {
  const [first, ...rest] = lengths
  if (first === undefined || mine !== laying) return
  laidCoat(field, look.coat, first)
  setTimeout(() => lay(look, field, rest, mine))
}

async function answer(ask: Ask): Promise<Answer> {
  switch (ask.what) {
    case 'close':
      return remembered(ask.key, () => keepOf(ask.view, ask.look))
    case 'field':
      return fieldKept(ask.look)
    case 'draw': {
      const field = await fieldKept(ask.look)
      return { paths: laidCoat(field, ask.look.coat, ask.lengths), areas: areasOf(field, ask.alike) }
    }
    case 'coats': {
      const mine = ++laying
      lay(ask.look, await fieldKept(ask.look), ask.lengths, mine)
      return null
    }
  }
}

self.onmessage = (e: MessageEvent<Ask & { n: number }>) => {
  // What fails here is computed in the page: no answer of its own kind is not believed there.
  void answer(e.data)
    .catch(() => null)
    .then((said) => self.postMessage({ n: e.data.n, said }))
}
