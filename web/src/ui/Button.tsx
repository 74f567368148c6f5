// The button: main (one per place), plain, quiet.
import type { ButtonHTMLAttributes } from 'react'

export const KINDS = {
  main: 'bg-thistle text-thistle-ink border-thistle hover:brightness-110',
  plain: 'bg-sheet border-line hover:bg-well',
  quiet: 'border-transparent hover:bg-well',
}

export const SHAPE =
  'inline-flex min-h-11 items-center justify-center gap-2 rounded-md border font-bold disabled:opacity-55'

export function Button({
  kind = 'plain',
  className = '',
  type = 'button',
  ...rest
}: ButtonHTMLAttributes<HTMLButtonElement> & { kind?: keyof typeof KINDS }) {
  return <button type={type} className={`${SHAPE} px-4 ${KINDS[kind]} ${className}`} {...rest} />
}
