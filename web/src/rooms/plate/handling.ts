import { isPetaled, type Part, type SpeciesDocument } from '@/api/client'
import { partSchema, resolved, type SchemaNode, usual } from './schema'

type Change = (document: SpeciesDocument) => void

function piecesLimits(kind: string): Record<string, SchemaNode> {
  return resolved(partSchema(kind).properties!.pieces!).properties!
}

function within(node: SchemaNode, value: number): number {
  return Math.min(node.maximum!, Math.max(node.minimum!, value))
}

function onPart(id: string, alter: (part: Part) => void): Change {
  return (document) => {
    const part = document.parts.find((p) => p.id === id)
    if (part) alter(part)
  }
}

/** More or fewer pieces, or strands. */
export const count = (id: string, by: number): Change =>
  onPart(id, (part) => {
    if (isPetaled(part)) part.pieces.count = within(piecesLimits(part.kind).count!, part.pieces.count + by)
    else if (part.kind === 'stamens') part.strands = within(partSchema('stamens').properties!.strands!, part.strands + by)
  })

/** Opens (positive) or closes a ring, degrees. */
export const lean = (id: string, by: number): Change =>
  onPart(id, (part) => {
    if (isPetaled(part)) part.pieces.leanDeg = within(piecesLimits(part.kind).leanDeg!, Math.round(part.pieces.leanDeg + by))
  })

/** Turns a ring round the axis, degrees. */
export const turn = (id: string, by: number): Change =>
  onPart(id, (part) => {
    if (!isPetaled(part)) return
    const turned = part.pieces.place.turnDeg + by
    part.pieces.place.turnDeg = Math.round(turned > 180 ? turned - 360 : turned < -180 ? turned + 360 : turned)
  })

/** Lengthens the cutter, mm. */
export const lengthen = (id: string, by: number): Change =>
  onPart(id, (part) => {
    if (!isPetaled(part)) return
    const limits = resolved(piecesLimits(part.kind).cut!).properties!.lengthMm!
    part.pieces.cut.lengthMm = within(limits, Math.round((part.pieces.cut.lengthMm + by) * 2) / 2)
  })

/** Widens the cutter, mm. */
export const widen = (id: string, by: number): Change =>
  onPart(id, (part) => {
    if (!isPetaled(part)) return
    const limits = resolved(piecesLimits(part.kind).cut!).properties!.widthMm!
    part.pieces.cut.widthMm = within(limits, Math.round((part.pieces.cut.widthMm + by) * 2) / 2)
  })

/** An id that no part has yet. */
function freeId(document: SpeciesDocument, base: string): string {
  const taken = new Set(document.parts.map((p) => p.id))
  let id = base
  for (let i = 2; taken.has(id); i++) id = `${base}-${i}`
  return id
}

/** Doubles a part right outside itself. */
export function double(document: SpeciesDocument, id: string): string {
  const at = document.parts.findIndex((p) => p.id === id)
  const part = document.parts[at]
  if (!part || part.kind === 'heart') return id
  const twin = structuredClone(part)
  twin.id = freeId(document, part.id.slice(0, 36))
  twin.name = `${part.name} again`.slice(0, 60)
  document.parts.splice(at + 1, 0, twin)
  return twin.id
}

/** Adds a part of a kind after another, made of usual values. A heart goes first, and there is only one. */
export function add(document: SpeciesDocument, kind: Part['kind'], after: string | null): string {
  const made = usual(partSchema(kind)) as Part
  made.id = freeId(document, kind === 'whorl' ? 'ring' : kind)
  made.name = { whorl: 'ring', heart: 'heart', stamens: 'stamens', calyx: 'calyx', leaf: 'leaves' }[made.kind]
  made.shade = document.shades[0]!.id
  if (isPetaled(made)) {
    made.pieces.joinAt = 'firm'
    if (made.kind === 'leaf') made.pieces.place.seatMm = -25
    if (made.kind !== 'whorl') made.pieces.overlap = 'apart'
  }
  const at = document.parts.findIndex((p) => p.id === after)
  document.parts.splice(kind === 'heart' ? 0 : at < 0 ? document.parts.length : at + 1, 0, made)
  return made.id
}

/** Moves a part one place inwards or outwards in the build order. */
export function move(document: SpeciesDocument, id: string, by: -1 | 1): void {
  const at = document.parts.findIndex((p) => p.id === id)
  const to = at + by
  if (at < 0 || to < 0 || to >= document.parts.length) return
  const [part] = document.parts.splice(at, 1)
  document.parts.splice(to, 0, part!)
}
