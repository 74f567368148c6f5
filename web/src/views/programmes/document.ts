// The OpenAPI document, as far as the page needs it, and its requests by what they are about.
export interface Schema {
  $ref?: string
  type?: string
  format?: string
  description?: string
  enum?: (string | number | null)[]
  nullable?: boolean
  default?: unknown
  minimum?: number
  maximum?: number
  maxLength?: number
  required?: string[]
  properties?: Record<string, Schema>
  items?: Schema
  oneOf?: Schema[]
  anyOf?: Schema[]
  allOf?: Schema[]
}
interface Content {
  content?: Record<string, { schema: Schema }>
}
interface Written {
  summary: string
  description?: string
  parameters: { name: string; in: string; required?: boolean; description?: string }[]
  requestBody?: Required<Content>
  responses: Record<string, Content>
}
export interface Operation extends Written {
  method: string
  path: string
}
export interface Document {
  paths: Record<string, Record<string, Written>>
  components: { schemas: Record<string, Schema> }
}

/** What people do for themselves, which no programme may. */
const NOT_FOR_PROGRAMMES = /^\/api\/(session|me|enter)(\/|$)/

/** [{name: 'bookings', operations}], those alone whose words match what is looked for. */
export function groups(document: Document, find: string) {
  const words = find.toLowerCase().split(/\s+/).filter(Boolean)
  const out = new Map<string, Operation[]>()
  for (const [path, methods] of Object.entries(document.paths)) {
    if (NOT_FOR_PROGRAMMES.test(path)) continue
    for (const [method, written] of Object.entries(methods)) {
      const one = { ...written, method: method.toUpperCase(), path }
      const text = `${one.method} ${path} ${one.summary}`.toLowerCase()
      if (!words.every((w) => text.includes(w))) continue
      const name = path.split('/')[2] ?? path
      out.set(name, [...(out.get(name) ?? []), one])
    }
  }
  return [...out].map(([name, operations]) => ({ name, operations }))
}
