// From a spreadsheet: a sheet of dogs and owners is given, then looked at on a page of its own.
import { useQuery, useQueryClient } from '@tanstack/react-query'
import { Link, useNavigate } from 'react-router'
import { api, take, type Schemas } from '../../app/client'
import { clock, day } from '../../ui/words'
import { ChooseFile } from '../../parts/ChooseFile'

export const SHEETS = ['imports']
const STATES: Record<string, string> = {
  read: 'not taken in yet',
  begun: 'being taken in',
  done: 'taken in',
  undone: 'taken out again',
}

export function TakeIn() {
  const cache = useQueryClient()
  const go = useNavigate()
  const sheets = useQuery({ queryKey: SHEETS, queryFn: () => take(api.GET('/api/imports')) })
  return (
    <section className="panel space-y-3 p-5" aria-label="Dogs from a sheet">
      <h2 className="text-xl">Dogs from a sheet</h2>
      <p>
        A row for each dog, saved as CSV from any spreadsheet: its name, breed, owner and phone at least. You
        see first what it would come to and what is wrong in which row; nothing is written before you say so,
        and all of it can be taken out again.
      </p>
      <ChooseFile
        main
        path="/api/imports"
        accept=".csv,.tsv,.txt,text/csv"
        label="Choose a sheet"
        busyLabel="Reading it …"
        onSent={(given) => {
          const { id } = given as Schemas['ImportView']
          void cache.invalidateQueries({ queryKey: SHEETS })
          void go(`/take-in/${id}`)
        }}
      />
      <p role="alert" className="font-bold text-haw">
        {sheets.error?.message}
      </p>
      <ul className="divide-y divide-line">
        {sheets.data?.imports.map((s) => (
          <li key={s.id} className="flex flex-wrap items-center justify-between gap-2 py-2">
            <span>
              <b>{s.name}</b>{' '}
              <span className="text-ink-2">
                {day(s.at)}, {clock(s.at)} by {s.who} · {STATES[s.state]}
                {s.made > 0 && `, ${s.made} dogs`}
              </span>
            </span>
            <Link
              className="inline-flex min-h-11 items-center font-bold text-slate underline"
              to={`/take-in/${s.id}`}
            >
              Look at {s.name}
            </Link>
          </li>
        ))}
      </ul>
    </section>
  )
}
