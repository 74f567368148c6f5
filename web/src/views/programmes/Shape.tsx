// What a body holds, member by member; what is inside another opens when it is asked for.
import { useState } from 'react'
import type { Document, Schema } from './document'

interface Props {
  title: string
  schema: Schema
  document: Document
}

export function Shape({ title, schema, document }: Props) {
  const [inside, isList] = resolve(schema, document)
  const members = Object.entries(inside.properties ?? {})
  return (
    <div>
      <p className="font-bold">
        {title}
        {isList && ', a list of'}
        {members.length === 0 && `: ${word(inside)}`}
      </p>
      <ul className="border-l-4 border-line pl-4">
        {members.map(([name, member]) => (
          <Member
            key={name}
            name={name}
            schema={member}
            optional={inside.required !== undefined && !inside.required.includes(name)}
            document={document}
          />
        ))}
      </ul>
    </div>
  )
}

interface MemberProps {
  name: string
  schema: Schema
  optional: boolean
  document: Document
}

function Member({ name, schema, optional, document }: MemberProps) {
  const [open, setOpen] = useState(false)
  const [inside, isList] = resolve(schema, document)
  const says = [
    isList ? `list of ${word(inside)}` : word(inside),
    schema.nullable && 'or null',
    optional && 'may be left out',
    schema.description,
  ]
  const text = (
    <>
      <code className="font-bold">{name}</code>{' '}
      <span className="text-ink-2">{says.filter(Boolean).join(', ')}</span>
    </>
  )
  if (!inside.properties) return <li className="py-0.5">{text}</li>
  return (
    <li>
      <details onToggle={(e) => setOpen(e.currentTarget.open)}>
        <summary className="min-h-6 cursor-pointer py-0.5">{text}</summary>
        {open && <Shape title={name} schema={inside} document={document} />}
      </details>
    </li>
  )
}

/** What a reference, a list or one of several comes to: [schema, whether it is a list of it]. */
function resolve(schema: Schema, document: Document): [Schema, boolean] {
  if (schema.$ref) {
    const name = schema.$ref.split('/').at(-1) ?? ''
    return resolve(document.components.schemas[name] ?? {}, document)
  }
  const [one] = schema.allOf ?? schema.oneOf ?? schema.anyOf ?? []
  if (one) return resolve(one, document)
  return schema.items ? [resolve(schema.items, document)[0], true] : [schema, false]
}

function word({ enum: values, type, format, maxLength, minimum, maximum }: Schema): string {
  if (values) return values.map(String).join(' | ') || 'text'
  const range = minimum !== undefined || maximum !== undefined ? ` ${minimum ?? ''} to ${maximum ?? ''}` : ''
  const plain: Record<string, string> = { string: 'text', boolean: 'true or false', object: 'object' }
  const most = maxLength ? ` of at most ${maxLength}` : ''
  return (format ?? plain[type ?? ''] ?? type ?? 'anything') + range + most
}
