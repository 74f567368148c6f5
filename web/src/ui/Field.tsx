// Form fields: label, control, hint and error, tied together for screen readers.
import { useId, type InputHTMLAttributes, type ReactNode, type SelectHTMLAttributes } from 'react'

export interface Around {
  label: string
  error?: string | undefined
  hint?: string | undefined
}

export function Frame({
  id,
  label,
  error,
  hint,
  bare = false,
  children,
}: Around & { id: string; bare?: boolean; children: ReactNode }) {
  return (
    <div>
      <label className={bare ? 'sr-only' : 'label'} htmlFor={id}>
        {label}
      </label>
      {children}
      {hint && !error && <p className="mt-1 text-xs text-ink-2">{hint}</p>}
      <p id={`${id}-error`} className="text-sm font-bold text-haw" role={error ? 'alert' : undefined}>
        {error && `${label} ${error}`}
      </p>
    </div>
  )
}

export function TextField({ label, error, hint, ...rest }: Around & InputHTMLAttributes<HTMLInputElement>) {
  const id = useId()
  return (
    <Frame id={id} label={label} error={error} hint={hint}>
      <input
        id={id}
        className="field"
        aria-invalid={!!error}
        aria-describedby={`${id}-error`}
        autoComplete="off"
        {...rest}
      />
    </Frame>
  )
}

export function SelectField({
  label,
  error,
  hint,
  options,
  ...rest
}: Around & SelectHTMLAttributes<HTMLSelectElement> & { options: { id: string; label: string }[] }) {
  const id = useId()
  return (
    <Frame id={id} label={label} error={error} hint={hint}>
      <select id={id} className="field" aria-invalid={!!error} aria-describedby={`${id}-error`} {...rest}>
        {options.map((o) => (
          <option key={o.id} value={o.id}>
            {o.label}
          </option>
        ))}
      </select>
    </Frame>
  )
}

export function CheckField({ label, ...rest }: { label: string } & InputHTMLAttributes<HTMLInputElement>) {
  return (
    <label className="flex min-h-11 items-center gap-3">
      <input type="checkbox" className="size-6 shrink-0 accent-thistle" {...rest} />
      {label}
    </label>
  )
}
