// A signature drawn with a finger, kept as a path; or a cross for somebody who cannot draw.
import { useEffect, useId, useRef, type PointerEvent } from 'react'
import { Button } from '../../ui/Button'

const CROSS = 'M230,50L370,150M370,50L230,150'

export function SignaturePad({
  value,
  onChange,
  error,
}: {
  value: string
  onChange: (path: string) => void
  error?: string
}) {
  const id = useId()
  const last = useRef<[number, number] | null>(null)
  const path = useRef(value)
  useEffect(() => {
    path.current = value
  }, [value])
  const at = (e: PointerEvent<SVGSVGElement>): [number, number] => {
    const box = e.currentTarget.getBoundingClientRect()
    const fit = (v: number, most: number) => Math.max(0, Math.min(most, Math.round(v)))
    return [
      fit(((e.clientX - box.left) / box.width) * 600, 600),
      fit(((e.clientY - box.top) / box.height) * 200, 200),
    ]
  }
  const add = (step: string) => {
    path.current += step
    onChange(path.current)
  }
  return (
    <div>
      <span className="label" id={id}>
        Signature
      </span>
      <svg
        viewBox="0 0 600 200"
        role="img"
        aria-labelledby={id}
        data-testid="signature"
        className={`h-36 w-full touch-none rounded-md border-2 bg-sheet
          ${error ? 'border-haw' : 'border-line'}`}
        onPointerDown={(e) => {
          e.currentTarget.setPointerCapture?.(e.pointerId)
          const [x, y] = at(e)
          last.current = [x, y]
          add(`M${x},${y}L${Math.min(600, x + 1)},${y}`)
        }}
        onPointerMove={(e) => {
          if (!last.current || path.current.length > 19_000) return
          const [x, y] = at(e)
          if (Math.hypot(x - last.current[0], y - last.current[1]) < 4) return
          last.current = [x, y]
          add(`L${x},${y}`)
        }}
        onPointerUp={() => (last.current = null)}
        onPointerCancel={() => (last.current = null)}
      >
        <path d="M30 160H570" style={{ stroke: 'var(--line)' }} strokeDasharray="6 6" strokeWidth="2" />
        {value && (
          <path
            d={value}
            fill="none"
            style={{ stroke: 'var(--ink)' }}
            strokeWidth="4"
            strokeLinecap="round"
            strokeLinejoin="round"
          />
        )}
      </svg>
      <div className="mt-1 flex gap-2">
        <Button kind="quiet" className="text-sm" onClick={() => onChange('')} disabled={value === ''}>
          Once more
        </Button>
        <Button kind="quiet" className="text-sm" onClick={() => onChange(CROSS)}>
          Sign with a cross
        </Button>
      </div>
      {error && (
        <p role="alert" className="text-sm font-bold text-haw">
          Signature {error}
        </p>
      )}
    </div>
  )
}
