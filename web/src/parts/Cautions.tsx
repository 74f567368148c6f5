// Health and handling in one fixed strip, worst first; never a pop-up.
import { OctagonAlert, TriangleAlert, Info } from 'lucide-react'
import type { Schemas } from '../app/client'

const LOOK = {
  danger: { box: 'bg-haw-soft text-haw border-haw', icon: OctagonAlert, word: 'Danger' },
  caution: { box: 'bg-bracken-soft text-bracken border-bracken', icon: TriangleAlert, word: 'Caution' },
  note: { box: 'bg-slate-soft text-slate border-slate', icon: Info, word: 'Note' },
}

export function Cautions({ cautions }: { cautions: Schemas['CautionView'][] }) {
  if (cautions.length === 0) return null
  return (
    <section
      aria-label="Cautions"
      className={`sticky top-0 z-10 flex gap-2 overflow-x-auto border-y border-line bg-paper px-4 py-2 sm:px-5
        lg:static lg:flex-wrap`}
      tabIndex={0}
    >
      {cautions.map((c) => (
        <CautionLine key={c.code} caution={c} strip />
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
        ${strip ? 'min-w-64 flex-1 basis-80 max-lg:shrink-0' : ''}`}
    >
      <look.icon aria-label={look.word} className="mt-0.5 size-4 shrink-0" />
      <span>{caution.message}</span>
    </p>
  )
}
