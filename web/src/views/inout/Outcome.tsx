// What a sheet would come to: how many dogs, what is wrong in which row, the first as they would be kept.
import type { Schemas } from '../../app/client'
import { weight } from '../../ui/units'
import { day } from '../../ui/words'

export function Outcome({ check }: { check: Schemas['CheckView'] }) {
  return (
    <section className="panel space-y-3 p-5" aria-label="What it would come to">
      <h2 className="text-xl">What it would come to</h2>
      <p role="status">
        Of {check.rows} rows <b>{check.ready === 1 ? '1 becomes a dog' : `${check.ready} become dogs`}</b>
        {check.known > 0 && `, ${check.known} are in the book already and are left alone`}
        {check.faulty > 0 && (
          <>
            , <b className="text-haw">{check.faulty} have something wrong</b>
          </>
        )}
        .
      </p>
      {check.first.length > 0 && (
        <div className="overflow-x-auto" tabIndex={0} role="region" aria-label="The first of them">
          <table className="w-full text-left text-sm">
            <thead>
              <tr className="border-b border-line">
                {['Row', 'Dog', 'Breed', 'Coat', 'Owner', 'Phone', 'Born', 'Weight', 'On paper'].map((h) => (
                  <th key={h} scope="col" className="py-1 pr-3">
                    {h}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {check.first.map((d) => (
                <tr key={d.row} className="border-b border-line align-top">
                  <td className="py-1 pr-3">{d.row}</td>
                  <td className="pr-3 font-bold">{d.name}</td>
                  <td className="pr-3">{d.breed}</td>
                  <td className="pr-3">{d.coat.replaceAll('_', ' ')}</td>
                  <td className="pr-3">{d.owner}</td>
                  <td className="whitespace-nowrap pr-3">{d.phone}</td>
                  <td className="whitespace-nowrap pr-3">{day(d.born_on)}</td>
                  <td className="whitespace-nowrap pr-3">{d.kg === null ? '–' : weight(d.kg)}</td>
                  <td>{d.paper}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      )}
      {check.faults.length > 0 && (
        <>
          <h3 className="font-bold">What is wrong</h3>
          <ul
            className="max-h-80 divide-y divide-line overflow-y-auto"
            tabIndex={0}
            aria-label="What is wrong"
          >
            {check.faults.map((f, i) => (
              <li key={i} className="py-1">
                <b>
                  Row {f.row}
                  {f.column && `, ${f.column}`}
                </b>{' '}
                {f.message}
              </li>
            ))}
          </ul>
          {check.faults.length >= 200 && <p className="text-ink-2">The first 200 are shown.</p>}
        </>
      )}
    </section>
  )
}
