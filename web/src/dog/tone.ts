// How deep the tone of hair is: the longer, the darker, in both themes.

/** Depth of tone by length: 0 (bare) to 1 (60 mm and more), in steps that are told apart
 * side by side. */
export function tone(mm: number): number {
  return Math.min(1, Math.log(1 + mm) / Math.log(61)) ** 1.35
}
export function toneColour(mm: number): string {
  return `color-mix(in oklab, var(--hair-long) ${Math.round(tone(mm) * 100)}%, var(--hair-short))`
}
