// A zone's recipe for who may not change it.
import type { Schemas } from '../../app/client'

export function PlainRecipe({ recipe }: { recipe: Schemas['RecipeView'] | null }) {
  if (!recipe) return null
  const rows = [
    ['Recipe', recipe.words],
    ['Stop line', recipe.stop_line?.replaceAll('_', ' ')],
    ['Shape', recipe.shape],
    ['Reason', recipe.reason?.replaceAll('_', ' ')],
    ['Carry', recipe.carry.replaceAll('_', ' ')],
    ['Clipper', recipe.clipper_unit],
    ['Note', recipe.note],
  ].filter(([, v]) => v)
  return (
    <dl className="grid grid-cols-[auto_1fr] gap-x-4 gap-y-1">
      {rows.map(([k, v]) => (
        <div key={k} className="contents">
          <dt className="text-ink-2">{k}</dt>
          <dd>{v}</dd>
        </div>
      ))}
    </dl>
  )
}
