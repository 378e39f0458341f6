import { readLengths, writeLengths } from '@/measure/lengths'
import type { SchemaNode } from './schema'

/** One field of an object: what is published of it, where it stands, and what it holds. */
export interface Row {
  name: string
  node: SchemaNode
  path: string
  value: unknown
  needed: boolean
}

type Unit = 'mm' | 'in'

const isNumber = (row: Row) => row.node.type === 'number' || row.node.type === 'integer'
const isColour = (row: Row) => row.node.pattern === '^#[0-9a-f]{6}$'
const isNumbers = (row: Row) => row.node.items?.type === 'number'
const isChosen = (row: Row) => row.node.enum !== undefined || row.name === 'shade'

/** Fields by how they are shown. */
export const sortedRows = (rows: Row[]) => ({
  texts: rows.filter((r) => r.node.type === 'string' && !isChosen(r) && !isColour(r)),
  choices: rows.filter(isChosen),
  numbers: rows.filter(isNumber),
  colours: rows.filter(isColour),
  numberLists: rows.filter(isNumbers),
  ticks: rows.filter((r) => r.node.type === 'boolean'),
  lists: rows.filter((r) => r.node.type === 'array' && !isNumbers(r)),
  groups: rows.filter((r) => r.node.type === 'object' || r.node.oneOf),
})

/** Lists of numbers are typed one after the other, lengths in the maker's unit; whatever is none is left out. */
const unitOf = (row: Row, unit: Unit) => (row.node.items!['x-unit'] === 'mm' ? unit : 'mm')
export const listOf = (row: Row, unit: Unit) => writeLengths(row.value as number[], unitOf(row, unit))
export const listFrom = (row: Row, typed: string, unit: Unit) =>
  readLengths(typed, unitOf(row, unit), row.value as number[]).filter((n) => n !== undefined)
export const labelOfList = (row: Row, unit: Unit) =>
  `${row.node.title ?? row.name}${row.node.items!['x-unit'] ? `, ${unitOf(row, unit)}` : ''}`
