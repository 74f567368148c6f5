// Who lives in a home and how they are reached; who is called or fetches a dog and lives elsewhere.
import { Plus, X } from 'lucide-react'
import type { Schemas } from '../../app/client'
import { Button } from '../../ui/Button'
import { CheckField, SelectField, TextField } from '../../ui/Field'
import { sure } from '../../sure'

type Person = Schemas['HomePersonView']
export type PersonTyped = Omit<Person, 'id' | 'also' | 'writes_on'> & { id: string | null; key: string }
export type OtherTyped = Schemas['HomeOtherView'] & { key: string }

const WRITES: { id: Person['writes']; label: string }[] = [
  { id: 'unasked', label: 'not asked yet' },
  { id: 'yes', label: 'yes' },
  { id: 'no', label: 'no: call instead' },
]
const ROLES: { id: OtherTyped['role']; label: string }[] = [
  { id: 'second', label: 'called where nobody answers' },
  { id: 'collector', label: 'only fetches a dog' },
]
/** What a select gives is text: the one of the list it names. */
function chosen<Id extends string>(list: { id: Id }[], text: string): Id {
  return sure(list.find((one) => one.id === text) ?? list[0]).id
}
const MOST = { people: 8, others: 6 }
const WORD = 'Word at the door'

interface Props {
  people: PersonTyped[]
  others: OtherTyped[]
  errors: Record<string, string>
  onPeople: (people: PersonTyped[]) => void
  onOthers: (others: OtherTyped[]) => void
}

export function Persons({ people, others, errors, onPeople, onOthers }: Props) {
  const person = (key: string, is: Partial<PersonTyped>) =>
    onPeople(people.map((p) => (p.key === key ? { ...p, ...is } : p)))
  const other = (key: string, is: Partial<OtherTyped>) =>
    onOthers(others.map((o) => (o.key === key ? { ...o, ...is } : o)))
  const key = () => String(Date.now())
  return (
    <>
      {people.map((p, i) => (
        <fieldset key={p.key} className="rounded-md border border-line p-3">
          <legend className="px-1 font-bold">{i === 0 ? 'First to be reached' : `Person ${i + 1}`}</legend>
          <div className="grid gap-x-3 gap-y-2 sm:grid-cols-3">
            <TextField
              label="Name"
              maxLength={80}
              value={p.name}
              onChange={(e) => person(p.key, { name: e.target.value })}
              error={errors[`people[${i}].name`]}
            />
            <TextField
              label="Phone"
              inputMode="tel"
              maxLength={40}
              value={p.phone}
              onChange={(e) => person(p.key, { phone: e.target.value })}
              error={errors[`people[${i}].phone`]}
            />
            <TextField
              label="E-mail"
              type="email"
              maxLength={120}
              value={p.email}
              onChange={(e) => person(p.key, { email: e.target.value })}
              error={errors[`people[${i}].email`]}
            />
            <SelectField
              label="May we write?"
              options={WRITES}
              value={p.writes}
              onChange={(e) => person(p.key, { writes: chosen(WRITES, e.target.value) })}
            />
            <TextField
              label={WORD}
              maxLength={60}
              value={p.word}
              onChange={(e) => person(p.key, { word: e.target.value })}
            />
            <CheckField
              label="May fetch the dogs"
              checked={p.collects}
              onChange={(e) => person(p.key, { collects: e.target.checked })}
            />
          </div>
          {people.length > 1 && (
            <Gone who={p.name || `Person ${i + 1}`} onGone={() => onPeople(people.filter((q) => q !== p))} />
          )}
        </fieldset>
      ))}
      {others.map((o, i) => (
        <fieldset key={o.key} className="rounded-md border border-dashed border-line p-3">
          <legend className="px-1 font-bold">Lives elsewhere</legend>
          <div className="grid gap-x-3 gap-y-2 sm:grid-cols-3">
            <TextField
              label="Name"
              maxLength={80}
              value={o.name}
              onChange={(e) => other(o.key, { name: e.target.value })}
              error={errors[`others[${i}].name`]}
            />
            <TextField
              label="Phone"
              inputMode="tel"
              maxLength={40}
              value={o.phone}
              onChange={(e) => other(o.key, { phone: e.target.value })}
              error={errors[`others[${i}].phone`]}
            />
            <SelectField
              label="Is"
              options={ROLES}
              value={o.role}
              onChange={(e) => other(o.key, { role: chosen(ROLES, e.target.value) })}
            />
            <TextField
              label={WORD}
              maxLength={60}
              value={o.word}
              onChange={(e) => other(o.key, { word: e.target.value })}
            />
            <CheckField
              label="May fetch the dogs"
              checked={o.collects}
              onChange={(e) => other(o.key, { collects: e.target.checked })}
            />
          </div>
          <Gone who={o.name || 'This person'} onGone={() => onOthers(others.filter((q) => q !== o))} />
        </fieldset>
      ))}
      <div className="flex flex-wrap gap-2">
        {people.length < MOST.people && (
          <Button
            onClick={() =>
              onPeople([
                ...people,
                {
                  key: key(),
                  id: null,
                  name: '',
                  phone: '',
                  email: '',
                  writes: 'unasked',
                  collects: true,
                  word: '',
                },
              ])
            }
          >
            <Plus aria-hidden className="size-5" /> Another person
          </Button>
        )}
        {others.length < MOST.others && (
          <Button
            onClick={() =>
              onOthers([
                ...others,
                { key: key(), name: '', phone: '', role: 'second', collects: true, word: '' },
              ])
            }
          >
            <Plus aria-hidden className="size-5" /> Somebody who lives elsewhere
          </Button>
        )}
      </div>
    </>
  )
}

function Gone({ who, onGone }: { who: string; onGone: () => void }) {
  return (
    <Button
      kind="quiet"
      className="text-sm"
      aria-label={`${who}: not of this home any more`}
      onClick={onGone}
    >
      <X aria-hidden className="size-4" /> not of this home any more
    </Button>
  )
}
