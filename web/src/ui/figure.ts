// A figure as it is typed in a form: a comma or a point. What is no figure is sent as it stands, so that the
// answer can say what is allowed.
export function figure(typed: string): number | string | null {
  const t = typed.trim().replace(',', '.')
  return t === '' ? null : Number.isFinite(Number(t)) ? Number(t) : typed
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
