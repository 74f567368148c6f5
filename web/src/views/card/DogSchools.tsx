// On what points this card differs from the house: one choice a point; what would break a must is refused
// and said at once.
import { useQuery, useQueryClient } from '@tanstack/react-query'
import { api, ApiError, take } from '../../app/client'
import { queries } from '../../app/queries'
import { useSession } from '../../app/session'
import { SelectField } from '../../ui/Field'
import { useWrite } from '../../app/useWrite'

export function DogSchools({ dogId }: { dogId: string }) {
  const { may } = useSession()
  const cache = useQueryClient()
  const schools = useQuery(queries.dogSchools(dogId))
  const change = useWrite({
    send: (v: { point: string; side: string | null }, write) =>
      take(
        api.PUT('/api/dogs/{id}/schools', {
          params: { path: { id: dogId }, header: write },
          body: v,
        }),
      ),
    onSuccess: (next) => {
      cache.setQueryData(queries.dogSchools(dogId).queryKey, next)
      void cache.invalidateQueries({ queryKey: ['order', dogId] })
    },
  })
  const points = schools.data?.points ?? []
  const own = points.filter((p) => p.own !== null)
  const said =
    change.error instanceof ApiError ? (Object.values(change.error.fields)[0] ?? change.error.message) : null
  return (
    <details className="rounded-md border border-line px-3 py-1">
      <summary className="min-h-11 py-2 font-bold">
        {own.length === 0
          ? 'Our way of doing it: as in the whole house'
          : `Differs from our usual way: ${own.map((p) => p.label.toLowerCase()).join(', ')}`}
      </summary>
      {schools.error && <p className="text-haw">{schools.error.message}</p>}
      <div className="grid gap-x-3 sm:grid-cols-2 lg:grid-cols-1">
        {points.map((p) => (
          <SelectField
            key={p.point}
            label={p.label}
            value={p.own ?? ''}
            disabled={!may('plan') || change.isPending}
            options={[
              { id: '', label: `as the house: ${p.sides.find((s) => s.id === p.house)?.what ?? p.house}` },
              ...p.sides.map((s) => ({ id: s.id, label: `for this dog: ${s.what}` })),
            ]}
            hint={
              p.own ? `changes ${p.changes}: ${p.sides.find((s) => s.id === p.own)?.why ?? ''}` : undefined
            }
            onChange={(e) => change.mutate({ point: p.point, side: e.target.value || null })}
            error={change.variables?.point === p.point && said ? `cannot be: ${said}` : undefined}
          />
        ))}
      </div>
    </details>
  )
}
