// The button: main (one per place), plain, quiet.
import type { ButtonHTMLAttributes } from 'react'

const KINDS = {
  main: 'bg-thistle text-thistle-ink border-thistle hover:brightness-110',
  plain: 'bg-sheet border-line hover:bg-well',
  quiet: 'border-transparent hover:bg-well',
}

export function Button({
  kind = 'plain',
  className = '',
  type = 'button',
  ...rest
}: ButtonHTMLAttributes<HTMLButtonElement> & { kind?: keyof typeof KINDS }) {
  return (
    <button
      type={type}
      className={`inline-flex min-h-11 items-center justify-center gap-2 rounded-md border px-4 font-bold
        disabled:opacity-55 ${KINDS[kind]} ${className}`}
      {...rest}
    />
  )
}
