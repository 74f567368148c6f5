// What somebody else saved meanwhile, field by field where it differs from what is typed here.
import type { Schemas } from '../../../app/client'
import { typedOf, type TypedDog } from './typed'

function plain(v: string | boolean | string[]): string {
  return Array.isArray(v) ? [...v].sort().join(', ') : typeof v === 'boolean' ? (v ? 'yes' : 'no') : v
}

export function Theirs({ theirs, mine }: { theirs: Schemas['DogView'] | undefined; mine: TypedDog }) {
  if (!theirs) return null
  const yours = Object.entries(mine)
  const other: Record<string, string | boolean | string[]> = { ...typedOf(theirs) }
  const rows = yours.flatMap(([k, v]) => {
    const is = plain(other[k] ?? '')
    return is === plain(v) ? [] : [{ field: k.replaceAll('_', ' '), theirs: is, yours: plain(v) }]
  })
  return (
    <div role="alert" className="rounded-lg border-2 border-bracken bg-bracken-soft p-3">
      <h2 className="mb-1 text-lg text-bracken">Changed meanwhile by somebody else</h2>
      {rows.length === 0 ? (
        <p>To the same as you have here.</p>
      ) : (
        <table className="w-full text-sm">
          <thead className="text-left">
            <tr>
              <th scope="col">field</th>
              <th scope="col">theirs</th>
              <th scope="col">yours</th>
            </tr>
          </thead>
          <tbody>
            {rows.map((r) => (
              <tr key={r.field} className="align-top">
                <th scope="row" className="pr-3 text-left font-normal">
                  {r.field}
                </th>
                <td className="pr-3">{r.theirs || '–'}</td>
                <td>{r.yours || '–'}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </div>
  )
}
