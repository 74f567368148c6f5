// Computes drawings beside the page: what of one does not depend on lengths, kept in the browser's store too;
// coats and areas of given lengths.
import { areasOf } from '../areas'
import type { DogLook } from '../build'
import { keepOf } from '../close/views'
import { fieldOf, keyOfField, knowField, type Field } from '../field'
import { laidCoat } from '../frames'
import type { Answer, Ask } from './ask'
import { remembered } from './store'

async function fieldKept(look: DogLook): Promise<Field> {
  const field = await remembered(keyOfField(look), () => fieldOf(look))
  return knowField(look, field)
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
  }
}

self.onmessage = (e: MessageEvent<Ask & { n: number }>) => {
  // What fails here is computed in the page: no answer of its own kind is not believed there.
  void answer(e.data)
    .catch(() => null)
    .then((said) => self.postMessage({ n: e.data.n, said }))
}
