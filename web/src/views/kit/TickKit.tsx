// A kit ticked from a catalogue: blades, guards, what a hand holds; measured later, tool by tool.
import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { api, take, type Schemas } from '../../app/client'
import { queries } from '../../app/queries'
import { useWrite } from '../../app/useWrite'
import { CheckField, SelectField } from '../../ui/Field'
import { FormEnd } from '../../ui/FormEnd'
import { Modal } from '../../ui/Modal'
import { useToast } from '../../ui/Toasts'
import { Waiting } from '../../ui/Waiting'
import { mm } from '../../ui/words'
import type { Item } from './names'

interface Props {
  items: Item[]
  places: { id: string; name: string }[]
  first: string
  onClose: () => void
}
type Listed = Schemas['CatalogueView']['tools'][number]
const GROUPS: [string, (tool: Listed) => boolean][] = [
  ['Blades, by what they leave with the lay', (t) => t.kind === 'blade'],
  ['Guards', (t) => t.kind === 'guard'],
  ['In the hand', (t) => t.kind !== 'blade' && t.kind !== 'guard'],
]

export function TickKit({ items, places, first, onClose }: Props) {
  const cache = useQueryClient()
  const toast = useToast()
  const catalogue = useQuery({
    queryKey: ['catalogue'],
    queryFn: () => take(api.GET('/api/kit/catalogue')),
    staleTime: Infinity,
  })
  const [place, setPlace] = useState(first)
  const [ticked, setTicked] = useState<string[]>([])
  const write = useWrite({
    send: (_: void, key) =>
      take(api.POST('/api/kit/catalogue', { params: { header: key }, body: { place, tools: ticked } })),
    onSuccess: (kit) => {
      cache.setQueryData(queries.kit().queryKey, kit)
      toast({
        text: ticked.length === 1 ? 'One tool is in the kit' : `${ticked.length} tools are in the kit`,
      })
      onClose()
    },
  })
  const here = new Set(items.filter((i) => i.place === place).map((i) => `${i.kind} ${i.label}`))
  const there = (t: Listed) => here.has(`${t.kind} ${t.label}`)
  return (
    <Modal open onClose={onClose} title="Tick your kit" wide>
      {catalogue.data ? (
        <form onSubmit={(e) => (e.preventDefault(), write.mutate())} noValidate className="space-y-3">
          {places.length > 1 && (
            <SelectField
              label="They live at"
              value={place}
              options={places.map((p) => ({ id: p.id, label: p.name }))}
              onChange={(e) => (setPlace(e.target.value), setTicked([]))}
              error={write.fields.place}
            />
          )}
          {GROUPS.map(([title, is]) => (
            <fieldset key={title}>
              <legend className="font-bold">{title}</legend>
              <div className="grid gap-x-4 sm:grid-cols-3">
                {catalogue.data.tools.filter(is).map((t) => (
                  <CheckField
                    key={t.id}
                    label={[
                      t.label,
                      t.kind === 'blade' && t.mm !== null && `· ${mm(t.mm)}`,
                      there(t) && '· in the kit',
                    ]
                      .filter(Boolean)
                      .join(' ')}
                    checked={there(t) || ticked.includes(t.id)}
                    disabled={there(t)}
                    onChange={(e) =>
                      setTicked(e.target.checked ? [...ticked, t.id] : ticked.filter((id) => id !== t.id))
                    }
                  />
                ))}
              </div>
            </fieldset>
          ))}
          <p className="text-sm text-ink-2">
            What stands beside a blade is what its table says. Measure your own later: every card follows.
          </p>
          <FormEnd
            error={write.error}
            busy={write.isPending}
            disabled={ticked.length === 0}
            send={ticked.length > 0 ? `Take ${ticked.length} into the kit` : 'Take into the kit'}
            sending="Taking them in …"
            onLeave={onClose}
          />
        </form>
      ) : (
        <Waiting what="Fetching the catalogue" />
      )}
    </Modal>
  )
}
