// Where the van finds a home, and whether it may take water and power there.
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { api, take, type Schemas } from '../../app/client'
import { ifMatch, useWrite } from '../../app/useWrite'
import { CheckField, SelectField } from '../../ui/Field'
import { FormEnd } from '../../ui/FormEnd'
import { Modal } from '../../ui/Modal'
import { Waiting } from '../../ui/Waiting'

interface Props {
  home: Schemas['HomeView']
  after: () => void
  onClose: () => void
}

export function OnTheMap({ home, after, onClose }: Props) {
  const [said, setSaid] = useState({
    spot: home.spot,
    has_water: home.has_water,
    has_power: home.has_power,
  })
  const round = useQuery({ queryKey: ['round', {}], queryFn: () => take(api.GET('/api/round')) })
  const save = useWrite({
    send: (_: void, key) =>
      take(
        api.PUT('/api/homes/{id}/spot', {
          params: { path: { id: home.id }, header: { ...ifMatch(home.version), ...key } },
          body: said,
        }),
      ),
    onSuccess: onClose,
    onSettled: after,
  })
  return (
    <Modal open onClose={onClose} title={`Where the van finds ${home.name}`}>
      <form onSubmit={(e) => (e.preventDefault(), save.mutate())} className="space-y-3">
        {round.data ? (
          <SelectField
            label="On the map at"
            value={said.spot}
            error={save.fields.spot}
            options={[
              { id: '', label: 'not said' },
              ...round.data.map.spots.map((s) => ({ id: s.id, label: s.name })),
            ]}
            onChange={(e) => setSaid({ ...said, spot: e.target.value })}
          />
        ) : (
          <Waiting what="Fetching the map" />
        )}
        <CheckField
          label="There is water for the van"
          checked={said.has_water}
          onChange={(e) => setSaid({ ...said, has_water: e.target.checked })}
        />
        <CheckField
          label="There is a socket for the van"
          checked={said.has_power}
          onChange={(e) => setSaid({ ...said, has_power: e.target.checked })}
        />
        {save.stale && (
          <p role="alert" className="font-bold text-haw">
            Somebody else changed this home meanwhile. It is read anew: look, and keep it again.
          </p>
        )}
        <FormEnd error={save.error} busy={save.isPending} send="Keep" sending="Keeping …" onLeave={onClose} />
      </form>
    </Modal>
  )
}
