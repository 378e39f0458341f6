import type { Ref } from 'vue'
import { isPetaled, type Part, type Reckoning, type Room, type Schemas } from '@/api/client'
import { setAt } from '@/parts/fields/pointer'
import * as handling from './handling'
import type { useDraft } from './useDraft'

/** What is done to the flower on the plate, most of it to the part that is chosen. */
export function usePlateEdits(
  plate: ReturnType<typeof useDraft>,
  selected: Ref<string | null>,
  reckoning: Ref<Reckoning | undefined>,
  setRoom: (room: Room) => void,
) {
  function onSelected(key: string, alter: (id: string) => (d: Schemas['SpeciesDocument']) => void) {
    const id = selected.value
    if (id) plate.change(`${key}-${id}`, alter(id))
  }

  /** Whether the fewer pieces of a part is the one in force. */
  function fewer(id: string): boolean {
    const part = plate.draft.value?.parts.find((p) => p.id === id)
    if (!part || !isPetaled(part) || part.pieces.fewerCount === 0) return false
    return (part.pieces.techniques?.counts ?? reckoning.value?.techniques.counts) === 'fewer'
  }

  function step(by: number) {
    const parts = plate.draft.value?.parts ?? []
    const at = parts.findIndex((p) => p.id === selected.value)
    selected.value = parts[Math.min(parts.length - 1, Math.max(0, at < 0 ? (by > 0 ? 0 : parts.length - 1) : at + by))]?.id ?? null
  }

  function add(kind: Part['kind']) {
    plate.change('', (document) => {
      selected.value = handling.add(document, kind, selected.value)
    })
  }

  function double() {
    const id = selected.value
    if (id) {
      plate.change('', (document) => {
        selected.value = handling.double(document, id)
      })
    }
  }

  function archive() {
    const id = selected.value
    if (!id) return
    step(-1)
    plate.change('', (document) => {
      document.parts = document.parts.filter((p) => p.id !== id)
    })
  }

  function move(by: -1 | 1) {
    const id = selected.value
    if (id) plate.change('', (document) => handling.move(document, id, by))
  }

  function recolour(colours: Schemas['PartColour'][]) {
    plate.change('', (document) => {
      for (const { partId, colour } of colours) {
        const part = document.parts.find((p) => p.id === partId)
        if (part && 'colour' in part) part.colour = colour
      }
    })
  }

  function fix(chosen: Schemas['FixView']) {
    if (chosen.changes.length > 0) {
      plate.change('', (document) => chosen.changes.forEach((c) => setAt(document, c.path, c.to)))
    }
    if (chosen.room) setRoom(chosen.room)
  }

  function fixFirst() {
    const findings = reckoning.value?.findings ?? []
    const own = findings.filter((f) => !selected.value || f.partId === selected.value)
    const chosen = own.flatMap((f) => f.fixes)[0]
    if (chosen) fix(chosen)
  }

  return { onSelected, fewer, step, add, double, archive, move, recolour, fix, fixFirst }
}
