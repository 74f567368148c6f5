// Finds a dog of the book as its name, owner or phone is typed.
import { useQuery } from '@tanstack/react-query'
import { useState, type ReactNode } from 'react'
import { queries } from '../app/queries'
import { TextField } from '../ui/Field'
import { useDebounced } from '../ui/useDebounced'

const SHOWN = 5

interface Props {
  label: string
  autoFocus?: boolean
  /** ids of dogs that are not offered */
  but?: string[]
  onDog: (dog: { id: string; name: string }) => void
  /** what stands below the list, for what was typed */
  children?: (typed: string) => ReactNode
}

export function FindDog({ label, autoFocus = false, but = [], onDog, children }: Props) {
  const [typed, setTyped] = useState('')
  const q = useDebounced(typed.trim(), 150)
  const found = useQuery({ ...queries.book(q), enabled: autoFocus || q !== '' })
  const dogs = (autoFocus || q !== '' ? (found.data?.dogs ?? []) : []).filter((d) => !but.includes(d.id))
  return (
    <>
      <TextField
        label={label}
        type="search"
        autoFocus={autoFocus}
        autoComplete="off"
        value={typed}
        onChange={(e) => setTyped(e.target.value)}
      />
      <ul className="divide-y divide-line" aria-label="Dogs">
        {dogs.slice(0, SHOWN).map((d) => (
          <li key={d.id}>
            <button
              type="button"
              className="min-h-12 w-full px-2 py-1 text-left hover:bg-well"
              onClick={() => {
                setTyped('')
                onDog(d)
              }}
            >
              <b>{d.name}</b> <span className="text-ink-2">{d.person}</span>
            </button>
          </li>
        ))}
      </ul>
      {children?.(typed)}
    </>
  )
}
