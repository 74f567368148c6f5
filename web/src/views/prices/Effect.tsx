// What the prices in the form do to what is booked, said before they are saved.
import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { api, take } from '../../app/client'
import { kindSaid } from '../../parts/kinds'
import { useDebounced } from '../../ui/useDebounced'
import { day, money } from '../../ui/words'
import type { PricesToSend } from './typedPrices'

interface Props {
  body: PricesToSend
  /** the list that is changed; empty: a new one */
  instead: string
  currency: string
}

export function Effect({ body, instead, currency }: Props) {
  const asked = useDebounced(JSON.stringify(body), 400)
  const effect = useQuery({
    queryKey: ['prices', 'effect', instead, asked],
    queryFn: () =>
      take(
        api.POST('/api/prices/answer', {
          params: { query: { instead } },
          body: JSON.parse(asked) as PricesToSend,
        }),
      ),
    placeholderData: keepPreviousData,
    retry: false,
  })
  const e = effect.data
  if (effect.error || !e)
    return (
      <section className="panel min-w-0 flex-[1_1_21rem] p-4 text-ink-2" aria-label="What is booked">
        <h2 className="text-lg text-ink">What is booked</h2>
        <p>{effect.error ? 'Said once the prices above are complete.' : 'Reckoning …'}</p>
      </section>
    )
  const more = e.after_minor - e.before_minor
  return (
    <section
      className="panel sticky top-16 min-w-0 flex-[1_1_21rem] space-y-2 p-4"
      aria-label="What is booked"
      aria-busy={effect.isFetching}
    >
      <h2 className="text-lg">What is booked</h2>
      {e.booked === 0 ? (
        <p className="text-ink-2">Nothing is booked while these prices hold.</p>
      ) : e.changed === 0 ? (
        <p>
          {e.booked === 1 ? 'One visit is' : `${e.booked} visits are`} booked while these prices hold: none of
          them costs another price.
        </p>
      ) : (
        <>
          <p>
            {e.changed} of {e.booked} booked visits {e.changed === 1 ? 'costs' : 'cost'} another price:{' '}
            <b>
              {money(e.after_minor, currency)} in all, {money(Math.abs(more), currency)}{' '}
              {more < 0 ? 'less' : 'more'}
            </b>
            . Nobody has been told yet.
          </p>
          <div className="max-h-[60dvh] overflow-auto" tabIndex={0} role="region" aria-label="Booked visits">
            <table className="w-full text-sm">
              <thead className="sticky top-0 bg-sheet text-left">
                <tr>
                  <th scope="col">Visit</th>
                  <th scope="col" className="text-right">
                    Now
                  </th>
                  <th scope="col" className="text-right">
                    Then
                  </th>
                </tr>
              </thead>
              <tbody className="divide-y divide-line">
                {e.visits.map((v) => (
                  <tr key={v.booking}>
                    <td className="py-1.5 pr-2">
                      <Link className="font-bold text-slate underline" to={`/dogs/${v.dog}`}>
                        {v.name}
                      </Link>
                      , {kindSaid(v.kind).toLowerCase()}
                      <span className="block text-xs text-ink-2">
                        {day(v.day)}, {v.time}
                      </span>
                    </td>
                    <td className="pr-2 text-right">{v.before_minor && money(v.before_minor, currency)}</td>
                    <td className="text-right font-bold">
                      {v.after_minor && money(v.after_minor, currency)}
                    </td>
                  </tr>
                ))}
              </tbody>
            </table>
          </div>
        </>
      )}
      {e.unknown > 0 && (
        <p className="text-sm text-bracken">
          {e.unknown === 1 ? 'One dog of them was' : `${e.unknown} dogs of them were`} never weighed: no price
          can be said.
        </p>
      )}
    </section>
  )
}
