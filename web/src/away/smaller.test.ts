// What is kept of a photo until the salon has it.
import { afterEach, expect, it, vi } from 'vitest'
import { smaller } from './smaller'

const drawn: [number, number][] = []
afterEach(() => {
  vi.unstubAllGlobals()
  drawn.length = 0
})

/** A browser that reads photos of so many pixels, and writes a JPEG of so many bytes. */
function reads(width: number, height: number, bytes: number) {
  vi.stubGlobal('createImageBitmap', () => Promise.resolve({ width, height, close: () => {} }))
  vi.stubGlobal(
    'OffscreenCanvas',
    class {
      constructor(
        readonly width: number,
        readonly height: number,
      ) {}
      getContext() {
        return { drawImage: (_: object, __: number, ___: number, w: number, h: number) => drawn.push([w, h]) }
      }
      convertToBlob = () => Promise.resolve(new Blob([new Uint8Array(bytes)], { type: 'image/jpeg' }))
    },
  )
}
const photo = (bytes: number) => new Blob([new Uint8Array(bytes)], { type: 'image/jpeg' })

it('is as large as the salon keeps it, whichever way it was held', async () => {
  reads(3000, 4000, 300_000)
  expect((await smaller(photo(4_000_000))).size).toBe(300_000)
  expect(drawn).toEqual([[1200, 1600]])
})

it('is kept as it was where drawing it anew saves nothing', async () => {
  reads(1200, 900, 900_000)
  const small = photo(500_000)
  const dense = photo(800_000)
  expect(await smaller(small)).toBe(small)
  expect(drawn).toEqual([])
  expect(await smaller(dense)).toBe(dense)
  expect(drawn).toEqual([[1200, 900]])
})

it('is kept as it is where the browser cannot read it: the salon says what is wrong', async () => {
  vi.stubGlobal('createImageBitmap', () => Promise.reject(new Error('no image')))
  const odd = photo(900_000)
  expect(await smaller(odd)).toBe(odd)
})
