import { isPetaled, type Part, type Petaled, type SpeciesDocument } from '@/api/client'
import begun from '@formats/beginnings.json'
import { kindLabel, partSchema, resolved, type SchemaNode } from '@/parts/fields/schema'

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

/** More or fewer pieces, or strands; the fewer pieces where that is in force. */
export const count = (id: string, by: number, fewer = false): Change =>
  onPart(id, (part) => {
    if (isPetaled(part)) {
      if (fewer) part.pieces.fewerCount = Math.max(1, within(piecesLimits(part.kind).fewerCount!, part.pieces.fewerCount + by))
      else part.pieces.count = within(piecesLimits(part.kind).count!, part.pieces.count + by)
      return
    }
    const counted = Object.entries(partSchema(part.kind).properties!).find(([, node]) => node['x-counts-pieces'])
    if (!counted) return
    const held = part as unknown as Record<string, number>
    held[counted[0]] = within(counted[1], held[counted[0]]! + by)
  })

/** Opens (positive) or closes a ring, degrees. */
export const opens = (id: string, by: number): Change =>
  onPart(id, (part) => {
    if (isPetaled(part)) part.pieces.opensDeg = within(piecesLimits(part.kind).opensDeg!, Math.round(part.pieces.opensDeg + by))
  })

/** Turns a ring round the axis, degrees. */
export const turn = (id: string, by: number): Change =>
  onPart(id, (part) => {
    if (!isPetaled(part)) return
    const turned = part.pieces.place.turnDeg + by
    part.pieces.place.turnDeg = Math.round(turned > 180 ? turned - 360 : turned < -180 ? turned + 360 : turned)
  })

/** Lengthens the outline, mm. */
export const lengthen = (id: string, by: number): Change =>
  onPart(id, (part) => {
    if (!isPetaled(part)) return
    const limits = resolved(piecesLimits(part.kind).outline!).properties!.lengthMm!
    part.pieces.outline.lengthMm = within(limits, Math.round((part.pieces.outline.lengthMm + by) * 2) / 2)
  })

/** Widens the outline, mm. */
export const widen = (id: string, by: number): Change =>
  onPart(id, (part) => {
    if (!isPetaled(part)) return
    const limits = resolved(piecesLimits(part.kind).outline!).properties!.widthMm!
    part.pieces.outline.widthMm = within(limits, Math.round((part.pieces.outline.widthMm + by) * 2) / 2)
  })

/** Cuts the pieces of another outline. */
export const reshape = (id: string, outline: Petaled['pieces']['outline']): Change =>
  onPart(id, (part) => {
    if (isPetaled(part)) part.pieces.outline = outline
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
  if (!part || partSchema(part.kind)['x-once']) return id
  const twin = structuredClone(part)
  twin.id = freeId(document, part.id.slice(0, 36))
  twin.name = `${part.name} again`.slice(0, 60)
  document.parts.splice(at + 1, 0, twin)
  return twin.id
}

/** A part of every kind as the core begins it, in the order in which they are offered. */
const BEGUN = (begun as unknown as { parts: Part[] }).parts

/** What can be added to a species: of some kinds no more than one. */
export function offeredKinds(document: SpeciesDocument): { kind: Part['kind']; label: string }[] {
  return BEGUN.filter(({ kind }) => !partSchema(kind)['x-once'] || !document.parts.some((p) => p.kind === kind)).map((part) => ({
    kind: part.kind,
    label: kindLabel('Part', part.kind),
  }))
}

/** Adds a part of a kind after another; what is innermost goes before all else. */
export function add(document: SpeciesDocument, kind: Part['kind'], after: string | null): string {
  const made = structuredClone(BEGUN.find((part) => part.kind === kind)!)
  made.id = freeId(document, made.id)
  if ('shade' in made) made.shade = document.shades[0]!.id
  const innermost = document.parts.filter((p) => partSchema(p.kind)['x-innermost']).length
  const at = document.parts.findIndex((p) => p.id === after)
  document.parts.splice(partSchema(kind)['x-innermost'] ? innermost : at < 0 ? document.parts.length : at + 1, 0, made)
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

/** Whether any part, its back or what it carries is of a shade. */
export function usesShade(document: SpeciesDocument, id: string): boolean {
  return document.parts.some(
    (p) => ('shade' in p && p.shade === id) || (isPetaled(p) && (p.pieces.lining?.shade === id || p.pieces.carries?.shade === id)),
  )
}
