// A dog with one ear or three legs: what it has not is neither drawn nor tapped, from no side.
import { describe, expect, it } from 'vitest'
import { asSeen, thereOf, zonesGone } from './absent'
import type { DogLook } from './build'
import { closeUpOf, zonesOfView } from './close/views'
import { fieldOf, zonesSeen } from './field'
import { coatOf } from './coat'
import { sample } from './raster'

const LOOK: DogLook = {
  build: 'square',
  muzzle: 'medium',
  ear_type: 'drop',
  ear_set: 'level',
  tail_type: 'long',
  tail_carriage: 'up',
  coat: 'wavy_single',
}
const LESS: DogLook = { ...LOOK, absent: ['left_ear', 'left_foreleg', 'right_hind_leg'] }
const lengths = Object.fromEntries(zonesSeen(LOOK).map((z) => [z, 20]))

describe('what a dog has not', () => {
  it('is gone from the near side, and seen from the other as the far leg', () => {
    const whole = fieldOf(LOOK)
    const left = fieldOf(asSeen(LESS, 'left'))
    const right = fieldOf(asSeen(LESS, 'right'))
    const foot = (f: typeof whole) => sample(f, f.skin, 27, 4)
    expect(foot(whole)).toBeLessThan(0)
    expect(foot(left)).toBeGreaterThan(3)
    expect(foot(right)).toBeLessThan(0)
    expect(left.zones).not.toContain('ear_outer_left')
    expect(left.zones).not.toContain('foreleg_left')
    expect(left.zones).toContain('shoulder_left')
    expect(left.zones).toContain('hock_left')
    // The right hind leg is near there.
    expect(right.zones).not.toContain('hock_left')
    expect(right.zones).toContain('ear_outer_left')
    expect(right.zones).toContain('thigh_left')
    for (const f of [left, right]) {
      const coat = coatOf(f, 'wavy_single', lengths)
      expect(JSON.stringify(coat)).not.toContain('NaN')
      expect(coat.coat.length).toBeGreaterThan(500)
      expect(f.zones.every((z) => f.anchors[z] !== undefined && f.paths.zones[z] !== undefined)).toBe(true)
    }
  })
  it('is not there come close either', () => {
    const feet = zonesOfView('feet', LESS)
    expect(feet).not.toContain('pads_front_left')
    expect(feet).toContain('pads_front_right')
    expect(closeUpOf('feet', LESS).captions?.map((c) => c.text)).toEqual(['front right', 'hind left'])
    expect(zonesOfView('head', LESS)).not.toContain('ear_outer_left')
    expect(zonesOfView('head', LESS)).toContain('ear_outer_right')
  })
  it('takes no zone of what is left, and changes nothing of a whole dog', () => {
    expect([...zonesGone(LESS)].filter((z) => /thigh|shoulder|armpit|breeches/.test(z))).toEqual([])
    const zones = { back: 1, foreleg_left: 2 }
    expect(thereOf(zones, LOOK)).toBe(zones)
    expect(thereOf(zones, LESS)).toEqual({ back: 1 })
    expect(zonesSeen(LESS)).toEqual(zonesSeen(LOOK))
    expect(asSeen(LOOK, 'right')).toBe(LOOK)
  })
})
