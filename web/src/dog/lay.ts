// Which way the hair lies on each zone, as drawn from the side with the head to the left.
import type { Point } from './geometry'
import { sure } from '../sure'

const LAY: Record<string, Point> = {
  skull: [0.8, 0.35],
  fringe: [-0.75, -0.35],
  brow: [-0.6, -0.6],
  inner_eye_left: [-0.4, -0.8],
  stop: [-0.3, 0.5],
  cheek_left: [0.35, -0.9],
  muzzle: [-0.15, -0.85],
  lips: [-0.1, -1],
  beard: [-0.12, -1],
  nape: [0.7, 0.1],
  neck_sides: [0.4, -0.85],
  throat: [0.1, -1],
  shoulder_left: [0.3, -0.9],
  chest: [-0.15, -1],
  back: [0.9, -0.05],
  ribs_left: [0.5, -0.8],
  loin: [0.9, -0.1],
  belly: [0.3, -0.95],
  rump: [0.7, -0.35],
  thigh_left: [0.35, -0.9],
  breeches_left: [0.45, -0.85],
  hock_left: [0.4, -0.9],
  foreleg_left: [0.25, -0.95],
  front_feather_left: [0.6, -0.8],
  elbow_left: [0.5, -0.85],
  toe_outline_front_left: [-0.5, -0.4],
  toe_outline_hind_left: [-0.5, -0.4],
  tail_root_arc: [0.5, -0.7],
  ear_outer_left: [0.1, -1],
  ear_feather_left: [0.08, -1],
}

/** A direction of about unit length; down where nothing is known. */
export function layOf(zone: string): Point {
  return LAY[zone] ?? [0, -1]
}

/** How the outline of a coat is drawn. */
export type Edge = 'crisp' | 'curl' | 'tuft' | 'lock' | 'cord'

export interface CoatTexture {
  /** how far hairs bend, how much they wander, how rough the outline is, how many are drawn */
  bend: number
  wander: number
  rough: number
  density: number
  thick: number
  /** of a length: how much stands off the skin, how much lies along it */
  stand: number
  hang: number
  edge: Edge
}

const T = (
  edge: Edge,
  [stand, hang]: [number, number],
  [bend, wander, rough]: [number, number, number],
  [density, thick]: [number, number],
): CoatTexture => ({ edge, stand, hang, bend, wander, rough, density, thick })

const TEXTURES: Record<string, CoatTexture> = {
  curly: T('curl', [0.62, 0.3], [1.1, 1.3, 0.22], [1.1, 0.17]),
  wavy_single: T('lock', [0.42, 0.7], [0.6, 0.6, 0.16], [1, 0.15]),
  silky_drop: T('lock', [0.2, 1], [0.12, 0.14, 0.05], [1, 0.13]),
  slow_fine_long: T('lock', [0.2, 1], [0.1, 0.12, 0.05], [0.9, 0.12]),
  feathered: T('lock', [0.3, 0.9], [0.3, 0.28, 0.08], [0.9, 0.14]),
  wire: T('tuft', [0.42, 0.7], [0.08, 0.75, 0.2], [1.15, 0.16]),
  long_double: T('lock', [0.52, 0.6], [0.15, 0.35, 0.14], [1.2, 0.15]),
  short_double: T('crisp', [0.42, 0.4], [0.1, 0.3, 0.06], [1.3, 0.14]),
  corded: T('cord', [0.3, 0.95], [0.2, 0.15, 0.3], [0.5, 0.55]),
  smooth: T('crisp', [0.4, 0.3], [0.05, 0.15, 0], [0.7, 0.12]),
  hairless: T('crisp', [0.2, 0.2], [0, 0.2, 0], [0, 0.1]),
}

export function textureOf(coat: string): CoatTexture {
  return TEXTURES[coat] ?? sure(TEXTURES.feathered)
}
