// The drawer counted against what should be in it; a difference needs a word, a later count corrects it.
import { useQueryClient } from '@tanstack/react-query'
import { useState, type FormEvent } from 'react'
import { api, take } from '../../app/client'
import { useSession } from '../../app/session'
import { useWrite } from '../../app/useWrite'
import { Button } from '../../ui/Button'
import { TextField } from '../../ui/Field'
import { minorUnits } from '../../ui/figure'
import { useToast } from '../../ui/Toasts'
import { clock, money } from '../../ui/words'
import type { TillData } from './bill'

export function Drawer({ till }: { till: TillData }) {
  const { session } = useSession()
  const cache = useQueryClient()
  const toast = useToast()
  const [v, setV] = useState({ counted: '', stays: '', why: '' })
  const count = useWrite({
    send: (_: void, write) =>
      take(
        api.POST('/api/drawer', {
          params: { header: write },
          body: {
            place: till.place,
            counted_minor: minorUnits(v.counted),
            stays_minor: minorUnits(v.stays),
            why: v.why,
          },
        }),
      ),
    onSuccess: () => {
      void cache.invalidateQueries({ queryKey: ['till'] })
      toast({ text: 'Drawer counted' })
    },
  })
  const send = (e: FormEvent) => {
    e.preventDefault()
    count.mutate()
  }
  const said = (minor: number) => money(minor, session.currency)
  const c = till.counted
  return (
    <section aria-label="Drawer" className="panel space-y-3 p-4">
      <h2 className="text-lg">Drawer</h2>
      <p className="flex justify-between text-sm">
        <span>In it this morning</span> <span className="tabular-nums">{said(till.began_minor)}</span>
      </p>
      <p className="flex justify-between">
        <span>Should be in it now</span> <b className="tabular-nums">{said(till.drawer_minor)}</b>
      </p>
      {c && (
        <p className="rounded-md bg-well px-3 py-2 text-sm">
          {c.who.split(' ')[0]} counted {said(c.counted_minor)} at {clock(c.at)}
          {c.counted_minor !== c.expected_minor && (
            <b className="text-haw">
              , {said(Math.abs(c.counted_minor - c.expected_minor))}{' '}
              {c.counted_minor > c.expected_minor ? 'too much' : 'missing'}
            </b>
          )}
          {c.why && `: ${c.why}`}. {said(c.stays_minor)} stays in it.
          {c.sales_since > 0 && (
            <b className="block text-bracken">
              {c.sales_since === 1 ? 'One bill' : `${c.sales_since} bills`} since: count it again.
            </b>
          )}
        </p>
      )}
      <form onSubmit={send} noValidate className="space-y-2" aria-label="Count the drawer">
        <div className="grid grid-cols-2 gap-2">
          <TextField
            label="Counted"
            inputMode="decimal"
            value={v.counted}
            onChange={(e) => setV({ ...v, counted: e.target.value })}
            error={count.fields.counted_minor}
          />
          <TextField
            label="Stays in it"
            inputMode="decimal"
            value={v.stays}
            onChange={(e) => setV({ ...v, stays: e.target.value })}
            error={count.fields.stays_minor}
          />
        </div>
        <TextField
          label="Why it does not add up"
          hint="only where it does not"
          maxLength={200}
          value={v.why}
          onChange={(e) => setV({ ...v, why: e.target.value })}
          error={count.fields.why}
        />
        {count.error && Object.keys(count.fields).length === 0 && (
          <p role="alert" className="text-sm font-bold text-haw">
            {count.error.message}
          </p>
        )}
        <Button type="submit" disabled={count.isPending}>
          {c ? 'Count again' : 'Counted'}
        </Button>
      </form>
    </section>
  )
}
