// A sheet that was given: what its columns are, what it would come to, what is wrong in which row; then it is
// taken in, or out again.
import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { useParams } from 'react-router'
import { api, take, type Schemas } from '../../app/client'
import { queries } from '../../app/queries'
import { useWrite } from '../../app/useWrite'
import { Button } from '../../ui/Button'
import { CheckField, SelectField } from '../../ui/Field'
import { LinkButton } from '../../ui/LinkButton'
import { Resting } from '../../ui/Resting'
import { useToast } from '../../ui/Toasts'
import { Waiting } from '../../ui/Waiting'
import { Outcome } from './Outcome'
import { SHEETS } from './TakeIn'

type Given = Schemas['ImportView']
const LOOK_MS = 1000

export function Sheet() {
  const { id = '' } = useParams()
  const sheet = useQuery({
    queryKey: [...SHEETS, id],
    queryFn: () => take(api.GET('/api/imports/{id}', { params: { path: { id } } })),
    refetchInterval: (q) =>
      q.state.data?.state === 'begun' && q.state.data.job?.state === 'open' ? LOOK_MS : false,
  })
  if (!sheet.data)
    return sheet.error ? <Resting error={sheet.error} retry={() => void sheet.refetch()} /> : <Waiting />
  return (
    <div className="mx-auto w-full max-w-5xl space-y-4 p-4 sm:p-6">
      <div className="flex flex-wrap items-center justify-between gap-3">
        <h1 className="text-3xl">{sheet.data.name}</h1>
        <LinkButton to="/in-and-out">In and out</LinkButton>
      </div>
      {sheet.data.state === 'read' ? <Columns sheet={sheet.data} /> : <Taken sheet={sheet.data} />}
    </div>
  )
}

function Columns({ sheet }: { sheet: Given }) {
  const cache = useQueryClient()
  const words = useQuery(queries.words())
  const [columns, setColumns] = useState(() => sheet.columns.map((c) => c.likely))
  const [coat, setCoat] = useState('')
  const [leave, setLeave] = useState(false)
  const said = { columns, coat }
  const check = useQuery({
    queryKey: [...SHEETS, sheet.id, 'check', said],
    queryFn: () =>
      take(api.POST('/api/imports/{id}/answer', { params: { path: { id: sheet.id } }, body: said })),
    retry: false,
    staleTime: 0,
  })
  const begin = useWrite({
    send: (_: void, write) =>
      take(
        api.POST('/api/imports/{id}', {
          params: { path: { id: sheet.id }, header: write },
          body: { ...said, leave },
        }),
      ),
    onSuccess: (next) => {
      cache.setQueryData([...SHEETS, sheet.id], next)
      void cache.invalidateQueries({ queryKey: SHEETS })
    },
  })
  if (sheet.columns.length === 0) return <p>This file is not kept any more. Choose it again.</p>
  const wrong: Record<string, string> =
    check.error && 'fields' in check.error ? (check.error.fields as Record<string, string>) : {}
  const offered = [{ id: '', label: '– left out –' }, ...sheet.fields]
  const c = check.data
  return (
    <>
      <section className="panel space-y-3 p-5" aria-label="What the columns are">
        <h2 className="text-xl">What the columns are</h2>
        <p className="text-ink-2">
          Letters read as {sheet.encoding}. Look at each; what is left out is not kept.
        </p>
        <ul className="divide-y divide-line">
          {sheet.columns.map((column, n) => (
            <li key={n} className="grid items-center gap-x-4 py-2 sm:grid-cols-[1fr_2fr_16rem]">
              <b>{column.heading || `column ${n + 1}`}</b>
              <span className="truncate text-ink-2">{column.examples.join(' · ') || 'empty'}</span>
              <SelectField
                label={`${column.heading || `Column ${n + 1}`} is`}
                value={columns[n] ?? ''}
                options={offered}
                onChange={(e) => setColumns(columns.map((f, i) => (i === n ? e.target.value : f)))}
                error={wrong[`columns[${n}]`]}
              />
            </li>
          ))}
        </ul>
        <SelectField
          label="Coat, where neither a column nor the breed tells it"
          value={coat}
          options={[{ id: '', label: 'is said to be wrong in that row' }, ...(words.data?.lists.coat ?? [])]}
          onChange={(e) => setCoat(e.target.value)}
        />
        <p role="alert" className="font-bold text-haw">
          {wrong.columns ? `Of the columns, ${wrong.columns}.` : check.error?.message}
        </p>
      </section>
      {c ? <Outcome check={c} /> : !check.error && <Waiting />}
      {c && (
        <div className="space-y-2">
          {c.faulty > 0 && (
            <CheckField
              label={`Leave out the ${c.faulty} rows with faults`}
              checked={leave}
              onChange={(e) => setLeave(e.target.checked)}
            />
          )}
          <Button
            kind="main"
            disabled={c.ready === 0 || (c.faulty > 0 && !leave) || begin.isPending || check.isFetching}
            onClick={() => begin.mutate()}
          >
            {begin.isPending ? 'One moment …' : `Take ${c.ready} ${c.ready === 1 ? 'dog' : 'dogs'} in`}
          </Button>
          <p role="alert" className="font-bold text-haw">
            {begin.error?.message}
          </p>
        </div>
      )}
    </>
  )
}

function Taken({ sheet }: { sheet: Given }) {
  const cache = useQueryClient()
  const toast = useToast()
  const [sure, setSure] = useState(false)
  const undo = useWrite({
    send: (_: void, write) =>
      take(api.DELETE('/api/imports/{id}', { params: { path: { id: sheet.id }, header: write } })),
    onSuccess: (next) => {
      cache.setQueryData([...SHEETS, sheet.id], next)
      void cache.invalidateQueries()
      toast({ text: 'They are out of the book again' })
    },
  })
  const job = sheet.job
  return (
    <section className="panel space-y-3 p-5" aria-label="Taken in" aria-live="polite">
      {sheet.state === 'begun' && job?.state === 'open' && (
        <label className="block">
          {sheet.made} of {job.total} dogs; you can leave, it goes on.
          <progress className="block w-full" value={sheet.made} max={Math.max(1, job.total)} />
        </label>
      )}
      {sheet.state === 'begun' && job?.state === 'failed' && (
        <p role="alert" className="font-bold text-haw">
          It stopped after {sheet.made} dogs: {job.why} Try it again under Care of the house.
        </p>
      )}
      {sheet.state === 'undone' && <p>The dogs of this sheet were taken out of the book again.</p>}
      {sheet.state === 'done' && (
        <>
          <p>
            <b>{sheet.made === 1 ? '1 dog is' : `${sheet.made} dogs are`} in the book</b>, with their homes.
            What was on paper stands on each card under <i>One line</i>, as shorthand, to be looked at.
          </p>
          {sure ? (
            <div className="space-y-2">
              <p>
                All {sheet.made} dogs go, with what was changed of them since. If one of them has been booked
                or groomed, none goes.
              </p>
              <div className="flex flex-wrap gap-2">
                <Button kind="main" disabled={undo.isPending} onClick={() => undo.mutate()}>
                  {undo.isPending ? 'One moment …' : 'Take all of them out'}
                </Button>
                <Button onClick={() => setSure(false)}>Leave them in</Button>
              </div>
            </div>
          ) : (
            <div className="flex flex-wrap gap-2">
              <LinkButton to="/book">To the book</LinkButton>
              <Button onClick={() => setSure(true)}>Take them out again …</Button>
            </div>
          )}
          <p role="alert" className="font-bold text-haw">
            {undo.error?.message}
          </p>
        </>
      )}
    </section>
  )
}
