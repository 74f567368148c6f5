// A figure as it is typed in a form: a comma or a point. What is no figure is sent as it stands, so that the
// answer can say what is allowed.
import { weightShown, weightTyped } from './units'

export function figure(typed: string): number | string | null {
  const t = typed.trim().replace(',', '.')
  return t === '' ? null : Number.isFinite(Number(t)) ? Number(t) : typed
}

/** A weight as this salon types it, in kg. */
export function kgTyped(typed: string): number | string | null {
  const read = figure(typed)
  return typeof read === 'number' ? weightTyped(read) : read
}

/** A weight in kg as its field shows it. */
export function typedWeight(kg: number | null | undefined): string {
  return kg == null ? '' : String(weightShown(kg))
}

/** Typed in whole units of the currency, sent in hundredths; nothing typed is nothing. */
export function minorUnits(typed: string): number {
  const price = figure(typed)
  // What is no number goes as it was typed: the answer says at the field what is allowed.
  return (typeof price === 'number' ? Math.round(price * 100) : (price ?? 0)) as number
}

export function typedFigure(value: number | null | undefined): string {
  return value == null ? '' : String(value)
}
