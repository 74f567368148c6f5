// What tools are called in the kit.
import type { Schemas } from '../../app/client'

export type Item = Schemas['KitItemView']

export const SHORT: Record<string, string> = {
  oil: 'Oil now',
  disinfect: 'Disinfect before the next dog',
  packed: 'Packed hair: brush out',
  heat: 'Ran hot',
  sharpen: 'Sharpening due',
}

export function toolName(item: Pick<Item, 'kind' | 'label'>): string {
  return item.kind === 'blade'
    ? item.label === 'toe'
      ? 'Narrow toe blade'
      : `${item.label} blade`
    : item.label
}
