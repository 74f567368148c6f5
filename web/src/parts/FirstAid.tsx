// What to do now, in general words, and when a vet is asked.
import type { Schemas } from '../app/client'

export function FirstAid({ aid }: { aid: Schemas['VocabularyView']['incidents'][number] }) {
  return (
    <div className="rounded-md border-l-4 border-haw bg-haw-soft px-3 py-2 text-haw">
      <ol className="list-decimal space-y-0.5 pl-5">
        {aid.now.map((line) => (
          <li key={line}>{line}</li>
        ))}
      </ol>
      <p className="mt-1 font-bold">{aid.vet}</p>
    </div>
  )
}
