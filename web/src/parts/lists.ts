// The closed lists of the trade: whether a word that a form gives is one of them.
import type { ListName, Schemas } from '../app/client'

type Words = Schemas['VocabularyView']

/** What a select gives is text; the list knows which words there are. */
export function isOf<Word extends string>(words: Words, list: ListName, id: string): id is Word {
  return words.lists[list].some((one) => one.id === id)
}
