// Health and handling in one fixed strip, worst first; never a pop-up. On a phone all that is dangerous is in
// sight, the rest one tap away.
import { OctagonAlert, TriangleAlert, Info } from 'lucide-react'
import { useState } from 'react'
import type { Schemas } from '../app/client'
import { useSmall } from '../ui/useSmall'

const LOOK = {
  danger: { box: 'bg-haw-soft text-haw border-haw', icon: OctagonAlert, word: 'Danger' },
  caution: { box: 'bg-bracken-soft text-bracken border-bracken', icon: TriangleAlert, word: 'Caution' },
  note: { box: 'bg-slate-soft text-slate border-slate', icon: Info, word: 'Note' },
}

export function Cautions({ cautions }: { cautions: Schemas['CautionView'][] }) {
  const { small } = useSmall()
  const [all, setAll] = useState(false)
  if (cautions.length === 0) return null
  // Where nothing is dangerous, the first is still in sight.
  const grave = Math.max(1, cautions.filter((c) => c.level === 'danger').length)
  const shown = small && !all ? cautions.slice(0, grave) : cautions
  const more = cautions.length - grave
  return (
    <section
      aria-label="Cautions"
      className="flex flex-wrap gap-1.5 border-y border-line bg-paper px-3 py-1.5 sm:px-5 wide:gap-2 wide:py-2
        short:max-h-[45dvh] short:overflow-y-auto"
    >
      {shown.map((c, i) => (
        <div key={c.code} className="flex min-w-0 flex-1 basis-full gap-1.5 wide:min-w-64 wide:basis-80">
          <CautionLine caution={c} strip />
          {small && more > 0 && i === grave - 1 && (
            <button
              type="button"
              aria-expanded={all}
              aria-label={all ? 'Fewer cautions' : `${more} more cautions`}
              onClick={() => setAll(!all)}
              className="min-h-11 min-w-11 shrink-0 rounded-md border border-line bg-sheet px-2 font-bold"
            >
              {all ? '–' : `+${more}`}
            </button>
          )}
        </div>
      ))}
    </section>
  )
}

export function CautionLine({
  caution,
  strip = false,
}: {
  caution: Schemas['CautionView']
  strip?: boolean
}) {
  const look = LOOK[caution.level]
  return (
    <p
      className={`flex items-start gap-2 rounded-md border-l-4 px-3 py-1.5 text-sm font-bold ${look.box}
        ${strip ? 'min-w-0 flex-1' : ''}`}
    >
      <look.icon aria-label={look.word} className="mt-0.5 size-4 shrink-0" />
      <span>{caution.message}</span>
    </p>
  )
}
