import published from '@formats/species.schema.json'

/** One node of the published JSON Schema, as far as the fields on the plate are made from it. */
export interface SchemaNode {
  $ref?: string
  const?: string
  type?: string
  title?: string
  description?: string
  properties?: Record<string, SchemaNode>
  required?: string[]
  items?: SchemaNode
  oneOf?: SchemaNode[]
  enum?: string[]
  minimum?: number
  maximum?: number
  maxLength?: number
  minLength?: number
  minItems?: number
  maxItems?: number
  pattern?: string
  default?: number
  'x-unit'?: string
  'x-digits'?: number
  'x-step'?: number
  'x-labels'?: Record<string, string>
  'x-pictured'?: string
  'x-once'?: boolean
  'x-innermost'?: boolean
  'x-ring'?: boolean
  'x-advanced'?: boolean
  'x-counts-pieces'?: boolean
  'x-of-the-flower'?: boolean
  'x-drawn'?: boolean
  'x-gives-way'?: string
}

type Published = SchemaNode & { $defs: Record<string, SchemaNode> }
const schema = published as unknown as Published
const definitions: Record<string, SchemaNode> = { ...schema.$defs }

/** Adds the definitions of another published schema; a type has one name, whichever schema tells of it. */
export function publish(further: unknown) {
  Object.assign(definitions, (further as Published).$defs)
}

/** A node with its reference followed; what stands beside the reference goes first. */
export function resolved(node: SchemaNode): SchemaNode {
  if (!node.$ref) return node
  const target = definitions[node.$ref.replace('#/$defs/', '')]!
  return { ...target, ...node, $ref: undefined }
}

/** The kinds of a choice, by name. */
export function kinds(node: SchemaNode): Map<string, SchemaNode> {
  return new Map((node.oneOf ?? []).map(resolved).map((kind) => [kind.properties!.kind!.const!, kind]))
}

/** The definition of a part of that kind. */
export function partSchema(kind: string): SchemaNode {
  return kinds(definition('Part')).get(kind)!
}

/** The schema of the whole species. */
export const speciesSchema: SchemaNode = schema

/** The maker's word for a kind of a choice. */
export function kindLabel(choice: string, kind: string): string {
  return kinds(definition(choice)).get(kind)?.title ?? kind
}

/** Any definition of the schema, by its name. */
export function definition(name: string): SchemaNode {
  return definitions[name]!
}

/** A field of a record. */
export function field(of: string, name: string): SchemaNode {
  return resolved(definition(of).properties![name]!)
}

/** The choices of an enumeration, with the maker's words for them. */
export function choicesOf(node: SchemaNode): { value: string; label: string }[] {
  const target = resolved(node)
  return (target.enum ?? []).map((value) => ({ value, label: target['x-labels']?.[value] ?? value }))
}

/** A value to begin from, made of the usual values. */
export function usual(node: SchemaNode): unknown {
  const target = resolved(node)
  if (target.const !== undefined) return target.const
  if (target.oneOf) return usual(target.oneOf[0]!)
  if (target.enum) return target.enum[0]
  if (target.type === 'object') {
    return Object.fromEntries((target.required ?? []).map((name) => [name, usual(target.properties![name]!)]))
  }
  if (target.type === 'array') return Array.from({ length: target.minItems ?? 0 }, () => usual(target.items!))
  if (target.type === 'boolean') return false
  if (target.type === 'string') return (target.minLength ?? 0) > 0 && !target.pattern ? (target.title ?? '') : ''
  return target.default ?? target.minimum ?? 0
}
