// The parts of a visit as a day lays them out, in their order.
export const PARTS: Record<string, string> = {
  prepare: 'check, knots, nails',
  bath: 'bath',
  dry: 'drying',
  strip: 'strip',
  cut: 'cut and finish',
}
