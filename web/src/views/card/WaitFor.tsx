// A dog that would come sooner than there is a place: from when to when; the diary offers what is given up.
import { useState, type FormEvent } from 'react'
import { api, take } from '../../app/client'
import { useWrite } from '../../app/useWrite'
import { Button } from '../../ui/Button'
import { DateField } from '../../ui/DateField'
import { TextField } from '../../ui/Field'
import { useToast } from '../../ui/Toasts'
import { day } from '../../ui/words'

interface Props {
  dog: { id: string; name: string }
  kind: string
  staff: string
  today: string
  /** as far as one waits, until somebody says otherwise */
  until: string
}

export function WaitFor({ dog, kind, staff, today, until }: Props) {
  const toast = useToast()
  const [open, setOpen] = useState(false)
  const [form, setForm] = useState({ since: today, until, note: '' })
  const wait = useWrite({
    send: (_: void, write) =>
      take(
        api.POST('/api/dogs/{id}/waiting', {
          params: { path: { id: dog.id }, header: write },
          body: { ...form, kind, staff: staff || null },
        }),
      ),
    onSuccess: () => {
      toast({ text: `${dog.name} waits for a place until ${day(form.until)}` })
      setOpen(false)
    },
  })
  if (!open)
    return (
      <Button kind="quiet" onClick={() => setOpen(true)}>
        Waiting list…
      </Button>
    )
  const send = (e: FormEvent) => {
    e.preventDefault()
    e.stopPropagation()
    wait.mutate()
  }
  return (
    <form noValidate onSubmit={send} aria-label="Waiting list" className="space-y-2 rounded-md bg-well p-3">
      <p className="text-sm">
        Nothing free that suits? It stands on each of these days in the diary, and gets what is given up.
      </p>
      <div className="grid grid-cols-2 gap-2">
        <DateField
          label="From"
          value={form.since}
          onDay={(since) => setForm({ ...form, since })}
          error={wait.fields.since}
        />
        <DateField
          label="To"
          value={form.until}
          onDay={(last) => setForm({ ...form, until: last })}
          error={wait.fields.until}
        />
      </div>
      <TextField
        label="Note"
        value={form.note}
        onChange={(e) => setForm({ ...form, note: e.target.value })}
        error={wait.fields.note}
      />
      {wait.error && Object.keys(wait.fields).length === 0 && (
        <p role="alert" className="text-sm font-bold text-haw">
          {wait.error.message}
        </p>
      )}
      <Button type="submit" disabled={wait.isPending}>
        Put it on the list
      </Button>
    </form>
  )
}
