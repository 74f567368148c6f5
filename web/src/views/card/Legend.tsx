// What tones, strokes and signs of a drawn dog mean.
import { toneColour } from '../../dog/tone'
import { trim } from '../../ui/words'

const SCALE = [1.5, 6, 16, 30, 60]

/** Length by tone, by the length of a stroke to scale, and by number. */
export function Legend({ lines }: { lines: boolean }) {
  return (
    <dl aria-label="Legend" className="flex items-end gap-2.5 rounded-md bg-sheet/80 text-xs short:hidden">
      {SCALE.map((v) => (
        <div key={v} className="flex flex-col items-center">
          <dt>
            <svg viewBox="0 0 14 16" className="h-8 w-7" aria-hidden>
              <rect x="0" y="10" width="14" height="6" style={{ fill: toneColour(v) }} />
              <path
                d={[4, 7, 10].map((x) => `M${x} 10v-${Math.max(0.6, v / 6.5)}`).join('')}
                style={{ stroke: 'var(--ink)' }}
                strokeWidth="0.9"
              />
            </svg>
          </dt>
          <dd className="font-bold">{trim(v)}</dd>
        </div>
      ))}
      <div className="pb-0.5 text-ink-2">
        <dt className="sr-only">Signs</dt>
        <dd>mm · dots: not planned</dd>
        <dd>red hatch: exception</dd>
        {lines && <dd>dark line: hard line</dd>}
      </div>
    </dl>
  )
}
