// Who the dog is and who looks after it.
import { House, Printer } from 'lucide-react'
import type { Schemas } from '../../app/client'
import { LinkButton } from '../../ui/LinkButton'
import { day } from '../../ui/words'
import { Elsewhere } from './Elsewhere'
import { HousePattern } from './HousePattern'
import { SameDog } from './SameDog'
import { weight } from '../../ui/units'

export function DogInfo({ card, label }: { card: Schemas['CardView']; label: (zone: string) => string }) {
  const { dog } = card
  const rows: [string, string | null | undefined][] = [
    ['Vet', dog.reach.vet],
    ['Emergency', dog.reach.emergency],
    ['May collect', dog.reach.may_collect],
    ['Sex', dog.sex.replace('_', ', ')],
    ['Born', dog.born_on && `${dog.born_estimated ? 'about ' : ''}${day(dog.born_on)}`],
    ['Weight', dog.kg === null ? null : weight(dog.kg)],
    [
      'Coat',
      `${dog.coat.replaceAll('_', ' ')}, ${dog.stage}, ${dog.density}` +
        (dog.hand_stripped ? ', hand-stripped' : ''),
    ],
    ['At home', dog.upkeep.replaceAll('_', ' ')],
    ['Finish', dog.finish],
    ['Handling', `${dog.handling.replace('_', ' ')}. ${dog.handling_note}`],
    [
      'Build',
      `${dog.build}, ${dog.muzzle} muzzle, ${dog.ear_type.replace('_', ' ')} ears set ${dog.ear_set}, ` +
        `${dog.tail_type} tail carried ${dog.tail_carriage}`,
    ],
    ['Walks on', `${dog.ground} ground${dog.hard_floor ? ', hard floors at home' : ''}`],
    ['Dewclaws', String(dog.dewclaws)],
    ['Photos', dog.photo_consent ? 'owner agrees' : 'not agreed'],
  ]
  return (
    <div className="space-y-4 p-4">
      <LinkButton to={`/homes/${dog.household}`} className="w-full">
        <House aria-hidden className="size-5" /> The {dog.household_name} home
      </LinkButton>
      <ul className="space-y-2">
        {dog.people.map((p) => (
          <li key={p.phone} className="rounded-lg bg-well p-3">
            <b className="block">{p.name}</b>
            <a className="text-lg text-slate underline" href={`tel:${p.phone.replaceAll(' ', '')}`}>
              {p.phone}
            </a>
            {p.email && <span className="block text-sm text-ink-2">{p.email}</span>}
          </li>
        ))}
      </ul>
      <dl className="grid grid-cols-[7rem_1fr] gap-x-3 gap-y-1.5">
        {rows
          .filter(([, v]) => v)
          .map(([k, v]) => (
            <div key={k} className="contents">
              <dt className="text-ink-2">{k}</dt>
              <dd>{v}</dd>
            </div>
          ))}
      </dl>
      <LinkButton to={`/dogs/${dog.id}/paper`} className="w-full">
        <Printer aria-hidden className="size-5" /> Card on paper
      </LinkButton>
      <SameDog dogId={dog.id} name={dog.name} />
      <Elsewhere dogId={dog.id} name={dog.name} />
      <HousePattern dogId={dog.id} label={label} />
    </div>
  )
}
