// The usual reasons, so that one tap says why; anything else goes into a note.
export const WHY_PARTLY = [
  'one side done',
  'it tired',
  'it would not stand',
  'skin needs a rest',
  'ran out of time',
]
export const WHY_LATER = [
  'it would not stand for it',
  'sore or red skin',
  'too tired today',
  'wound or lump: vet first',
  'owner wants it left',
  'ran out of time',
]
export const WHY_SKIPPED = [
  'done at home',
  'not needed today',
  'it would not stand for it',
  'vet first',
  'ran out of time',
]
export const WHY_OTHERWISE = [
  'that tool is not here',
  'too hot a blade',
  'coat came shorter',
  'matted below',
  'owner asked today',
  'it minds that tool',
  'looked better so',
  'slip of the hand',
]
export const PAUSES = [
  'rest for the dog',
  'owner came',
  'the vet is asked',
  'another dog first',
  'closing time',
]
