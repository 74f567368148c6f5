// Weights and lengths as this salon writes and types them; what is kept and reckoned stays in kg and mm.
export interface Speech {
  language: 'en' | 'en-US'
  units: 'metric' | 'us'
}
const KG_OF_LB = 0.45359237
const MM_OF_INCH = 25.4
let speech: Speech = { language: 'en', units: 'metric' }

/** From here on this device writes so. */
export function speak({ language, units }: Speech): void {
  speech = { language, units }
}

export function monthFirst(): boolean {
  return speech.language === 'en-US'
}

export function weightUnit(): 'kg' | 'lb' {
  return speech.units === 'us' ? 'lb' : 'kg'
}

/** A weight: 12.5 kg, 27.6 lb. */
export function weight(kg: number): string {
  return `${weightShown(kg)} ${weightUnit()}`
}

/** With kg in any case, as doses are reckoned by them. */
export function weightForVet(kg: number): string {
  return speech.units === 'us' ? `${weight(kg)} (${kg} kg)` : weight(kg)
}

/** The figure a field of weight shows. */
export function weightShown(kg: number): number {
  return speech.units === 'us' ? Math.round((kg / KG_OF_LB) * 10) / 10 : kg
}

/** What a figure in such a field means in kg. */
export function weightTyped(figure: number): number {
  return speech.units === 'us' ? Math.round(figure * KG_OF_LB * 1000) / 1000 : figure
}

/** A length: 17 mm, or 21/32 in (16.7 mm). */
export function length(millimetres: number): string {
  const mm = `${Math.round(millimetres * 10) / 10} mm`
  return speech.units === 'us' ? `${inches(millimetres)} in (${mm})` : mm
}

/** To the nearest 1/32, reduced, as the core writes it: both are held to the same examples. */
export function inches(millimetres: number): string {
  if (millimetres === 0) return '0'
  const sign = millimetres < 0 ? '−' : ''
  const exact = (Math.abs(millimetres) * 32) / MM_OF_INCH
  if (exact < 1) return `${sign}<1/32`
  let parts = Math.round(exact)
  const whole = Math.floor(parts / 32)
  parts %= 32
  if (parts === 0) return `${sign}${whole}`
  let below = 32
  for (; parts % 2 === 0; below /= 2) parts /= 2
  return `${sign}${whole === 0 ? '' : `${whole} `}${parts}/${below}`
}
