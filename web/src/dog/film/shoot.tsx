// One frame of a film of the dog: its drawing from the side, laid flat as a picture, numbers and all.
import { flushSync } from 'react-dom'
import { createRoot } from 'react-dom/client'
import type { Side } from '../beside/useSide'
import type { DogDrawingProps } from '../props'
import { SideDrawing } from '../SideDrawing'

/** Most pixels of a frame: fifty of them stay under 100 MB, and nobody counts hairs on what moves. */
const MOST = 420_000

/**
 * @param size of the drawing on the page, CSS pixels
 * @throws DOMException where the browser cannot make a picture of it
 */
export async function shoot(
  drawing: Side,
  shown: Pick<DogDrawingProps, 'look' | 'zones' | 'side'>,
  size: { width: number; height: number },
): Promise<ImageBitmap> {
  const scale = Math.min(devicePixelRatio, Math.sqrt(MOST / (size.width * size.height)))
  const [width, height] = [Math.round(size.width * scale), Math.round(size.height * scale)]
  const host = document.createElement('div')
  host.inert = true
  Object.assign(host.style, {
    position: 'fixed',
    visibility: 'hidden',
    left: '0',
    top: '0',
    width: `${size.width}px`,
    height: `${size.height}px`,
  })
  document.body.append(host)
  const root = createRoot(host)
  try {
    flushSync(() =>
      root.render(
        <SideDrawing
          {...shown}
          drawing={drawing}
          name=""
          tag="film-"
          selected={null}
          onSelect={() => undefined}
          idle
        />,
      ),
    )
    const svg = host.firstElementChild
    if (!(svg instanceof SVGSVGElement)) throw new DOMException('nothing was drawn')
    const numbers = numbersOf(svg)
    svg.querySelectorAll('.zone, text').forEach((e) => e.remove())
    svg.setAttribute('width', String(width))
    svg.setAttribute('height', String(height))
    const picture = await pictured(withColours(svg))
    const canvas = new OffscreenCanvas(width, height)
    const ctx = canvas.getContext('2d')
    if (!ctx) throw new DOMException('no canvas')
    ctx.drawImage(picture, 0, 0, width, height)
    for (const n of numbers) n(ctx, scale)
    return canvas.transferToImageBitmap()
  } finally {
    root.unmount()
    host.remove()
  }
}

type Written = (ctx: OffscreenCanvasRenderingContext2D, scale: number) => void

/** A picture of a drawing knows no fonts of the page: its numbers are written by the page. */
function numbersOf(svg: SVGSVGElement): Written[] {
  const { left, top } = svg.getBoundingClientRect()
  return [...svg.querySelectorAll<SVGTextElement>('[data-numbers] text')].flatMap((text): Written[] => {
    const at = text.getScreenCTM()
    if (!at) return []
    // Read now: what is taken off the page has no style any more.
    const { fontWeight, fontFamily, stroke, fill } = getComputedStyle(text)
    const high = Number(text.getAttribute('font-size')) * at.a
    const [x, y] = [at.e - left, at.f - top]
    return [
      (ctx, scale) => {
        ctx.setTransform(scale, 0, 0, scale, x * scale, y * scale)
        ctx.font = `${fontWeight} ${high}px ${fontFamily}`
        ctx.textAlign = 'center'
        ctx.lineJoin = 'round'
        ctx.lineWidth = high * 0.34
        ctx.strokeStyle = stroke
        ctx.strokeText(text.textContent, 0, 0)
        ctx.fillStyle = fill
        ctx.fillText(text.textContent, 0, 0)
      },
    ]
  })
}

/** The drawing as a document of its own: it knows no style sheet, so that colours are told it by name. */
function withColours(svg: SVGSVGElement): string {
  const root = getComputedStyle(document.documentElement)
  const text = new XMLSerializer().serializeToString(svg)
  return text.replace(/var\((--[\w-]+)\)/g, (_, name: string) => root.getPropertyValue(name).trim())
}

async function pictured(svg: string): Promise<HTMLImageElement> {
  const url = URL.createObjectURL(new Blob([svg], { type: 'image/svg+xml' }))
  try {
    const picture = new Image()
    picture.src = url
    await picture.decode()
    return picture
  } finally {
    URL.revokeObjectURL(url)
  }
}
