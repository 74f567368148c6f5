// A figure as it is typed in a form: a comma or a point. What is no figure is sent as it stands, so that the
// answer can say what is allowed.
export function figure(typed: string): number | string | null {
  const t = typed.trim().replace(',', '.')
  return t === '' ? null : Number.isFinite(Number(t)) ? Number(t) : typed
}

export function typedFigure(value: number | null | undefined): string {
  return value == null ? '' : String(value)
}
