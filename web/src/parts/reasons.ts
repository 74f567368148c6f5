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
export const INCIDENTS: Record<string, { label: string; actions: string[] }> = {
  nick: { label: 'Nick', actions: ['pressure, cleaned', 'pressure, bleeding stopped', 'vet called'] },
  quicked: { label: 'Claw quicked', actions: ['styptic, pressure', 'styptic, bandaged', 'vet called'] },
  hot_blade: {
    label: 'Hot blade',
    actions: ['cool cloth, blade changed', 'cool cloth, stopped there', 'vet called'],
  },
  slip: { label: 'Dog slipped', actions: ['felt over, sound', 'lame: stopped, vet called'] },
  stress_stop: { label: 'Stopped: too much', actions: ['rest, water', 'owner called', 'vet called'] },
}
