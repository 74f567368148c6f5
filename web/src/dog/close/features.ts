// Eyes, nose, mouth and wrinkles of a head seen from the front.
import type { Point } from '../geometry'
import { at } from '../raster'
import type { Art } from './plate'

export function line(width: number, opacity: number, ...points: Point[]): Art {
  return { d: curve(points), width, opacity }
}
/** Through points, bent at each. */
function curve(points: Point[]): string {
  return points
    .map((p, i) => {
      if (i === 0) return `M${at(p)}`
      const next = points[i + 1]
      return next ? `Q${at(p)} ${at([(p[0] + next[0]) / 2, (p[1] + next[1]) / 2])}` : `L${at(p)}`
    })
    .join('')
}
export function pair(width: number, opacity: number, ...points: Point[]): Art {
  return { d: curve(points) + curve(points.map(([x, y]): Point => [-x, y])), width, opacity }
}

export function mouth(ny: number, mw: number): Art[] {
  return [
    line(0.17, 0.9, [0, ny - 0.7], [0, ny - 1.35]),
    pair(0.17, 0.85, [0, ny - 1.35], [mw * 0.36, ny - 1.95], [mw * 0.72, ny - 1.85], [mw * 0.98, ny - 1.35]),
  ]
}

export function wrinkles(flat: boolean, ny: number): Art[] {
  return flat ? [pair(0.13, 0.6, [0.5, ny + 1.5], [1.7, ny + 1.2], [2.7, ny + 0.1], [3.1, ny - 1.2])] : []
}

export function nose(ny: number, k: number): Art[] {
  const p = (x: number, y: number) => at([x * k, ny + y * k])
  const lobe = (s: number) =>
    `M${p(0.36 * s, -0.08)}Q${p(0.34 * s, 0.4)} ${p(0.8 * s, 0.26)}` +
    `Q${p(1.04 * s, -0.02)} ${p(0.88 * s, -0.26)}` +
    `Q${p(0.66 * s, -0.02)} ${p(0.36 * s, -0.08)}Z`
  return [
    {
      d:
        `M${p(0, 1.02)}Q${p(1.22, 1)} ${p(1.28, 0.2)}Q${p(1.2, -0.4)} ${p(0.46, -0.5)}` +
        `Q${p(0.2, -0.8)} ${p(0, -0.8)}Q${p(-0.2, -0.8)} ${p(-0.46, -0.5)}` +
        `Q${p(-1.2, -0.4)} ${p(-1.28, 0.2)}Q${p(-1.22, 1)} ${p(0, 1.02)}Z`,
      fill: '#2b2130',
    },
    { d: lobe(1) + lobe(-1), fill: '#0d080e' },
  ]
}

/** Almond eyes under a lid, on both sides. */
export function eyes(ex: number): Art[] {
  const both_ = (draw: (s: number) => string) => draw(1) + draw(-1)
  const p = (s: number, x: number, y: number) => at([s * (ex + x), y])
  const round = (s: number, x: number, y: number, r: number) =>
    `M${p(s, x - r, y)}` +
    [2 * r * s, -2 * r * s].map((by) => `a${r} ${r} 0 1 0 ${by.toFixed(2)} 0`).join('') +
    'Z'
  return [
    {
      d: both_(
        (s) =>
          `M${p(s, -0.98, -0.22)}Q${p(s, -0.3, 0.78)} ${p(s, 0.98, 0.06)}` +
          `Q${p(s, 0.4, -0.66)} ${p(s, -0.98, -0.22)}Z`,
      ),
      fill: '#3d2a33',
    },
    { d: both_((s) => round(s, 0.04, 0.02, 0.36)), fill: '#120c14' },
    { d: both_((s) => round(s, -0.14, 0.16, 0.12)), fill: '#f6eef4' },
    {
      d: both_((s) => `M${p(s, -1.08, -0.3)}Q${p(s, -0.3, 0.92)} ${p(s, 1.08, 0.1)}`),
      width: 0.22,
      opacity: 1,
    },
    {
      d: both_((s) => `M${p(s, -0.72, 0.62)}Q${p(s, 0.1, 1.12)} ${p(s, 0.92, 0.56)}`),
      width: 0.1,
      opacity: 0.5,
    },
  ]
}
