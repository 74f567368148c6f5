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
  tail_root: [0.5, 0.1],
  tail_root_arc: [0.5, -0.7],
  tail_flag: [0.55, -0.7],
  tail_tip: [0.2, -0.5],
  ear_outer_left: [0.1, -1],
  ear_feather_left: [0.08, -1],
}

/** A direction of about unit length; down where nothing is known. */
export function layOf(zone: string): Point {
  return LAY[zone] ?? [0, -1]
}

export interface CoatTexture {
  /** how far hairs bend, how much they wander, how rough the outline is, how many are drawn */
  bend: number
  wander: number
  rough: number
  density: number
  thick: number
}

const TEXTURES: Record<string, CoatTexture> = {
  curly: { bend: 1.1, wander: 1.3, rough: 0.42, density: 1.1, thick: 0.2 },
  wavy_single: { bend: 0.6, wander: 0.6, rough: 0.22, density: 1, thick: 0.17 },
  silky_drop: { bend: 0.12, wander: 0.14, rough: 0.05, density: 0.9, thick: 0.14 },
  slow_fine_long: { bend: 0.1, wander: 0.12, rough: 0.05, density: 0.8, thick: 0.12 },
  feathered: { bend: 0.3, wander: 0.28, rough: 0.12, density: 0.9, thick: 0.15 },
  wire: { bend: 0.08, wander: 0.75, rough: 0.3, density: 1.1, thick: 0.17 },
  long_double: { bend: 0.15, wander: 0.35, rough: 0.2, density: 1.2, thick: 0.16 },
  short_double: { bend: 0.1, wander: 0.3, rough: 0.1, density: 1.3, thick: 0.15 },
  corded: { bend: 0.2, wander: 0.15, rough: 0.5, density: 0.5, thick: 0.6 },
  smooth: { bend: 0.05, wander: 0.15, rough: 0, density: 0.7, thick: 0.12 },
  hairless: { bend: 0, wander: 0.2, rough: 0, density: 0, thick: 0.1 },
}

export function textureOf(coat: string): CoatTexture {
  return TEXTURES[coat] ?? sure(TEXTURES.feathered)
}
