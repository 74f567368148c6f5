// Dogs that a dog must not meet in the salon, picked from the book.
import { useQuery } from '@tanstack/react-query'
import { X } from 'lucide-react'
import { useState } from 'react'
import { api, take } from '../../../app/client'
import { FindDog } from '../../../parts/FindDog'

interface Props {
  /** the dog itself, where it is in the book already */
  dog?: string | undefined
  apart: string[]
  error?: string | undefined
  onChange: (apart: string[]) => void
}

export function Apart({ dog = '', apart, error, onChange }: Props) {
  const [picked, setPicked] = useState<Record<string, string>>({})
  const known = useQuery({
    queryKey: ['apart', dog],
    queryFn: () => take(api.GET('/api/dogs/{id}/apart', { params: { path: { id: dog } } })),
    enabled: dog !== '',
  })
  const nameOf = (id: string) => picked[id] ?? known.data?.dogs.find((d) => d.id === id)?.name ?? '…'
  const theirs = known.data?.dogs.filter((d) => !d.own).map((d) => d.name) ?? []
  return (
    <div role="group" aria-label="Must not meet" className="min-w-0 space-y-1">
      <p className="label">Must not meet</p>
      <ul className="flex flex-wrap gap-2">
        {apart.map((id) => (
          <li key={id}>
            <button
              type="button"
              className="inline-flex min-h-11 items-center gap-2 rounded-full bg-well px-3 font-bold"
              onClick={() => onChange(apart.filter((one) => one !== id))}
            >
              {nameOf(id)}
              <X aria-hidden className="size-4" />
              <span className="sr-only">: may meet it</span>
            </button>
          </li>
        ))}
      </ul>
      {theirs.length > 0 && <p className="text-sm text-ink-2">Said of {theirs.join(', ')}, too.</p>}
      <FindDog
        label="A dog to keep it apart from"
        but={[...apart, dog]}
        onDog={(d) => {
          setPicked({ ...picked, [d.id]: d.name })
          onChange([...apart, d.id])
        }}
      />
      {error && (
        <p role="alert" className="text-sm font-bold text-haw">
          {error}
        </p>
      )}
    </div>
  )
}
