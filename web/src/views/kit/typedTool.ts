// What the form of a new tool holds while it is typed, and what is sent of it.
import { z } from 'zod'
import { figure } from '../../ui/figure'

const typed = z.object({ kind: z.string(), label: z.string(), nominal: z.string(), place: z.string() })
export type TypedTool = z.infer<typeof typed>

/** Only these have a length of their own that is typed: a blade's follows from its number. */
export const hasLength = (kind: string) => kind === 'guard' || kind === 'trimmer'

export const toolToSend = typed.transform(({ nominal, ...tool }) => ({
  ...tool,
  nominal_mm: hasLength(tool.kind) ? figure(nominal) : null,
}))
export type ToolToSend = z.infer<typeof toolToSend>
