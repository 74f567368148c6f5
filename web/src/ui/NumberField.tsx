// A figure as people type it: a comma or a point; what is no figure stays in the field and is said there.
import { useState, type InputHTMLAttributes } from 'react'
import { TextField } from './Field'

interface Props extends Omit<InputHTMLAttributes<HTMLInputElement>, 'value' | 'onChange'> {
  label: string
  value: number | null | undefined
  error?: string
  hint?: string
  /** null: the field is empty; not called while no figure stands there */
  onChange: (value: number | null) => void
}

/** null: nothing is typed; undefined: it is no figure */
function figure(typed: string): number | null | undefined {
  const text = typed.trim().replace(',', '.')
  if (text === '') return null
  return Number.isFinite(Number(text)) ? Number(text) : undefined
}

export function NumberField({ value, error, onChange, ...rest }: Props) {
  const [typed, setTyped] = useState('')
  const read = figure(typed)
  // What somebody else has saved meanwhile is shown; "12," goes on being typed.
  const shown = read === undefined || read === (value ?? null) ? typed : String(value ?? '')
  return (
    <TextField
      inputMode="decimal"
      {...rest}
      value={shown}
      error={read === undefined ? 'must be a number, such as 12 or 12.5' : error}
      onChange={(e) => {
        setTyped(e.target.value)
        const next = figure(e.target.value)
        if (next !== undefined) onChange(next)
      }}
    />
  )
}
