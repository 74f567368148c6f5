// Textures of a drawn dog, told apart in grey print: what the comb found, how a zone stands, what is not
// planned, what fills back. Never by colour alone.
import type { ReactNode } from 'react'

interface Props {
  /** put before the names where a part comes close and its textures are finer */
  close?: boolean
}

/** How much finer they are there. */
const FINER = 0.42

/** The name of a texture, as a fill. */
export function texture(name: string, close = false): string {
  return `url(#kt-${close ? 'close-' : ''}${name})`
}

function Texture({
  name,
  size,
  turn = 0,
  close = false,
  children,
}: Props & { name: string; size: number; turn?: number; children: ReactNode }) {
  return (
    <pattern
      id={`kt-${close ? 'close-' : ''}${name}`}
      width={size}
      height={size}
      patternUnits="userSpaceOnUse"
      patternTransform={`rotate(${turn})${close ? ` scale(${FINER})` : ''}`}
    >
      {children}
    </pattern>
  )
}

/** What the comb found: the more, the denser. */
export function MatPatterns({ close = false }: Props) {
  const ink = { stroke: 'var(--haw)' }
  return (
    <>
      <Texture close={close} name="mat-1" size={3}>
        <circle cx="1" cy="1" r="0.34" style={{ fill: 'var(--haw)' }} />
      </Texture>
      <Texture close={close} name="mat-2" size={2.6} turn={40}>
        <path d="M0 0V2.6" style={ink} strokeWidth="0.42" />
      </Texture>
      <Texture close={close} name="mat-3" size={1.7} turn={40}>
        <path d="M0 0V1.7M0 0H1.7" style={ink} strokeWidth="0.42" />
      </Texture>
      <Texture close={close} name="mat-4" size={1.1} turn={40}>
        <path d="M0 0V1.1M0 0H1.1" style={ink} strokeWidth="0.62" />
      </Texture>
    </>
  )
}

/** How a zone stands at the table: fine lines when done, bands when half done, dots when put off. */
export function StatePatterns({ close = false }: Props) {
  const lit = { fill: 'var(--lit)' }
  return (
    <>
      <Texture close={close} name="state-done" size={1.3}>
        <rect width="1.3" height="1.3" style={lit} fillOpacity="0.9" />
        <path d="M0 0.65H1.3" style={{ stroke: 'var(--state-line)' }} strokeWidth="0.12" />
      </Texture>
      <Texture close={close} name="state-partly" size={1.6} turn={45}>
        <rect width="0.8" height="1.6" style={lit} fillOpacity="0.9" />
      </Texture>
      <Texture close={close} name="state-deferred" size={1.5}>
        <circle cx="0.75" cy="0.75" r="0.42" style={{ fill: 'var(--bracken)' }} />
      </Texture>
      <Texture close={close} name="state-not_needed" size={1.4}>
        <path d="M0 0.7H1.4" style={{ stroke: 'var(--ink-2)' }} strokeWidth="0.3" />
      </Texture>
    </>
  )
}

/** What is not planned, and the patches that fill back. */
export function ExtraPatterns({ close = false }: Props) {
  return (
    <>
      <Texture close={close} name="unplanned" size={1.6}>
        <circle cx="0.4" cy="0.4" r="0.16" style={{ fill: 'var(--skin-line)' }} />
      </Texture>
      <Texture close={close} name="exception" size={1.4} turn={45}>
        <path d="M0 0V1.4" style={{ stroke: 'var(--haw)' }} strokeWidth="0.45" />
      </Texture>
    </>
  )
}
