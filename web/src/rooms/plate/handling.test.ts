import hellebore from '../../../../demo/src/main/resources/demo/lockside-hellebore.json'
import { describe, expect, it } from 'vitest'
import { isPetaled, type Petaled, type SpeciesDocument } from '@/api/client'
import { add, count, double, opens, lengthen, move, offeredKinds, turn, usesShade, widen } from './handling'

const flower = () => structuredClone(hellebore) as unknown as SpeciesDocument
const ids = (document: SpeciesDocument) => document.parts.map((p) => p.id)
const ring = (document: SpeciesDocument) => document.parts.find((p) => p.kind === 'ring')!.id
const pieces = (document: SpeciesDocument, id: string) => (document.parts.find((p) => p.id === id) as Petaled).pieces

describe('parts of a flower', () => {
  it('are put in after the one that is selected, centres first, each with an id of its own', () => {
    const document = flower()
    const after = ring(document)
    const first = add(document, 'ring', after)
    const second = add(document, 'ring', after)
    expect(ids(document).indexOf(first)).toBe(ids(document).indexOf(after) + 2)
    expect(second).not.toBe(first)
    const centre = add(document, 'centre', after)
    const centres = document.parts.filter((p) => p.kind === 'centre').length
    expect(ids(document).indexOf(centre)).toBe(centres - 1)
    const bead = add(document, 'bead', null)
    expect(ids(document).at(-1)).toBe(bead)
  })

  it('begin in the first shade of the flower, and as the core begins them', () => {
    const document = flower()
    for (const { kind } of offeredKinds(document)) {
      const id = add(document, kind, null)
      const made = document.parts.find((p) => p.id === id)!
      expect(made.kind).toBe(kind)
      if ('shade' in made) expect(made.shade).toBe(document.shades[0]!.id)
    }
    expect(new Set(ids(document)).size).toBe(document.parts.length)
    expect(offeredKinds(document).some((k) => k.kind === 'heads')).toBe(false)
  })

  it('are doubled right outside themselves, but for further heads', () => {
    const document = flower()
    const id = ring(document)
    const twin = double(document, id)
    expect(ids(document).indexOf(twin)).toBe(ids(document).indexOf(id) + 1)
    expect(pieces(document, twin)).toEqual(pieces(document, id))
    const heads = add(document, 'heads', null)
    expect(double(document, heads)).toBe(heads)
  })

  it('move one place, and not past the ends', () => {
    const document = flower()
    const order = ids(document)
    move(document, order[0]!, -1)
    expect(ids(document)).toEqual(order)
    move(document, order[1]!, 1)
    expect(ids(document).slice(1, 3)).toEqual([order[2], order[1]])
  })
})

describe('a ring in the hand', () => {
  it('has no more and no fewer pieces than the schema allows', () => {
    const document = flower()
    const id = ring(document)
    count(id, 1)(document)
    expect(pieces(document, id).count).toBe((hellebore.parts.find((p) => p.id === id) as unknown as Petaled).pieces.count + 1)
    count(id, 100_000)(document)
    const most = pieces(document, id).count
    count(id, 1)(document)
    expect(pieces(document, id).count).toBe(most)
    count(id, -100_000)(document)
    expect(pieces(document, id).count).toBe(1)
  })

  it('opens, grows and turns within its ranges', () => {
    const document = flower()
    const id = ring(document)
    for (const change of [opens(id, 1000), lengthen(id, 10_000), widen(id, 10_000)]) change(document)
    const { opensDeg, outline } = pieces(document, id)
    expect(opensDeg).toBe(170)
    expect(outline.lengthMm).toBe(300)
    expect(outline.widthMm).toBe(300)
    pieces(document, id).place.turnDeg = 170
    turn(id, 20)(document)
    expect(pieces(document, id).place.turnDeg).toBe(-170)
  })

  it('is told by its shade, that of its back, or of what it carries', () => {
    const document = flower()
    const other = { id: 'other', name: 'other', strong: '#112233', share: 0.5, master: [] }
    document.shades.push(other)
    expect(usesShade(document, 'other')).toBe(false)
    const part = document.parts.find((p) => p.id === ring(document))!
    if (isPetaled(part)) part.pieces.lining = { shade: 'other', share: 0.5 }
    expect(usesShade(document, 'other')).toBe(true)
  })
})
