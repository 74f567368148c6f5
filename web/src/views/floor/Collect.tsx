// Who fetches a dog: one of the list by a tap, with the word that was agreed; a stranger with the owner's
// word.
import { useQueryClient } from '@tanstack/react-query'
import { useState, type FormEvent } from 'react'
import { api, take } from '../../app/client'
import { useWrite } from '../../app/useWrite'
import { Button } from '../../ui/Button'
import { TextField } from '../../ui/Field'
import { Modal } from '../../ui/Modal'
import { useToast } from '../../ui/Toasts'
import type { FloorDog } from './floor'

export function Collect({ dog, onClose }: { dog: FloorDog; onClose: () => void }) {
  const cache = useQueryClient()
  const toast = useToast()
  const [other, setOther] = useState({ with: '', owner_said: '' })
  const fetch = useWrite({
    send: (body: { with: string; owner_said: string }, write) =>
      take(
        api.PUT('/api/arrivals/{id}/collected', {
          params: { path: { id: dog.arrival ?? '' }, header: write },
          body,
        }),
      ),
    onSuccess: (floor, { with: who }) => {
      cache.setQueryData(['floor'], floor)
      toast({ text: `${dog.name} went home with ${who}` })
      onClose()
    },
  })
  const send = (e: FormEvent) => {
    e.preventDefault()
    fetch.mutate(other)
  }
  return (
    <Modal open onClose={onClose} title={`Who fetches ${dog.name}?`}>
      <div className="space-y-4">
        {dog.collectors.length === 0 && (
          <p className="text-bracken">Nobody is on the list: ask the owner, and write what they said.</p>
        )}
        <ul className="space-y-2" aria-label="On the list">
          {dog.collectors.map((c) => (
            <li key={c.name}>
              <Button
                className="w-full justify-between"
                disabled={fetch.isPending}
                onClick={() => fetch.mutate({ with: c.name, owner_said: '' })}
              >
                {c.name}
                {c.word && <span className="font-normal text-ink-2">asks for the word “{c.word}”</span>}
              </Button>
            </li>
          ))}
        </ul>
        <form noValidate onSubmit={send} className="space-y-3 border-t border-line pt-3">
          <h3 className="font-bold">Somebody else</h3>
          <TextField
            label="Name"
            value={other.with}
            onChange={(e) => setOther({ ...other, with: e.target.value })}
            error={fetch.fields.with}
          />
          <TextField
            label="What the owner said when asked"
            hint={dog.phone ? `${dog.home}, ${dog.phone}` : undefined}
            value={other.owner_said}
            onChange={(e) => setOther({ ...other, owner_said: e.target.value })}
            error={fetch.fields.owner_said}
          />
          {fetch.error && Object.keys(fetch.fields).length === 0 && (
            <p role="alert" className="text-sm font-bold text-haw">
              {fetch.error.message}
            </p>
          )}
          <Button type="submit" kind="main" disabled={fetch.isPending}>
            Went home
          </Button>
        </form>
      </div>
    </Modal>
  )
}
