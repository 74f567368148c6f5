// Textures for what the comb found and for how a zone stands: never by colour alone.

/** Textures for what the comb found: the more, the denser; never by colour alone. */
export function MatPatterns() {
  const ink = { stroke: 'var(--haw)' }
  return (
    <>
      <pattern id="kt-mat-1" width="3" height="3" patternUnits="userSpaceOnUse">
        <circle cx="1" cy="1" r="0.34" style={{ fill: 'var(--haw)' }} />
      </pattern>
      <pattern
        id="kt-mat-2"
        width="2.6"
        height="2.6"
        patternUnits="userSpaceOnUse"
        patternTransform="rotate(40)"
      >
        <path d="M0 0V2.6" style={ink} strokeWidth="0.42" />
      </pattern>
      <pattern
        id="kt-mat-3"
        width="1.7"
        height="1.7"
        patternUnits="userSpaceOnUse"
        patternTransform="rotate(40)"
      >
        <path d="M0 0V1.7M0 0H1.7" style={ink} strokeWidth="0.42" />
      </pattern>
      <pattern
        id="kt-mat-4"
        width="1.1"
        height="1.1"
        patternUnits="userSpaceOnUse"
        patternTransform="rotate(40)"
      >
        <path d="M0 0V1.1M0 0H1.1" style={ink} strokeWidth="0.62" />
      </pattern>
    </>
  )
}

/** Textures for how a zone stands at the table: full when done, half when half done, dots when put off. */
export function StatePatterns() {
  return (
    <>
      <pattern id="kt-state-done" width="2" height="2" patternUnits="userSpaceOnUse">
        <rect width="2" height="2" style={{ fill: 'var(--lit)' }} fillOpacity="0.88" />
      </pattern>
      <pattern
        id="kt-state-partly"
        width="1.6"
        height="1.6"
        patternUnits="userSpaceOnUse"
        patternTransform="rotate(45)"
      >
        <rect width="0.8" height="1.6" style={{ fill: 'var(--lit)' }} fillOpacity="0.9" />
      </pattern>
      <pattern id="kt-state-deferred" width="1.5" height="1.5" patternUnits="userSpaceOnUse">
        <circle cx="0.75" cy="0.75" r="0.42" style={{ fill: 'var(--bracken)' }} />
      </pattern>
      <pattern id="kt-state-not_needed" width="1.4" height="1.4" patternUnits="userSpaceOnUse">
        <path d="M0 0.7H1.4" style={{ stroke: 'var(--ink-2)' }} strokeWidth="0.3" />
      </pattern>
    </>
  )
}
