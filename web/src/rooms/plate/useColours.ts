import { onScopeDispose, ref, shallowRef, watch } from 'vue'
import { answered, api, isPetaled, type Schemas, type SpeciesDocument } from '@/api/client'

export type Colouring = Schemas['Colouring']
export type Pass = Schemas['Pass']
type Pull = Schemas['PassPull']

/** The passes of a part as the core lays them on its pieces; pulled on a copy until it is let go. */
export function useColours(species: () => SpeciesDocument, partId: () => string | undefined, put: (colour: Colouring) => void) {
  const seen = shallowRef<Schemas['PieceColours']>()
  const fault = shallowRef<unknown>()
  const pulling = ref<Pick<Pull, 'pass' | 'fade'>>()
  let from: SpeciesDocument | undefined
  let next: Schemas['Handle'] | undefined
  let busy = false
  let asked = 0
  let left = false
  onScopeDispose(() => (left = true))

  async function ask(document: SpeciesDocument, id: string, pull?: Pull) {
    const turn = ++asked
    try {
      const answer = await answered(api.POST('/api/colour/piece', { body: { species: document, partId: id, pull } }))
      if (turn !== asked || left) return
      fault.value = undefined
      seen.value = answer
    } catch (e) {
      if (turn === asked && !left) fault.value = e
    }
  }

  watch(
    [() => JSON.stringify(species()), partId],
    () => {
      const id = partId()
      const part = species().parts.find((p) => p.id === id)
      if (!id || !part || !isPetaled(part)) seen.value = undefined
      else if (!pulling.value) void ask(species(), id)
    },
    { immediate: true },
  )

  function take(pass: number, fade: boolean) {
    pulling.value = { pass, fade }
    from = species()
  }

  /** One question at a time; the last place that the finger was at is always asked. */
  async function pullTo(acrossMm: number, alongMm: number) {
    next = { acrossMm, alongMm }
    if (busy) return
    busy = true
    while (next && pulling.value && from) {
      const to: Schemas['Handle'] = next
      next = undefined
      await ask(from, partId()!, { ...pulling.value, to })
    }
    busy = false
    if (!from) keep()
  }

  function letGo() {
    if (!pulling.value) return
    from = undefined
    if (!busy) keep()
  }

  function keep() {
    pulling.value = undefined
    if (seen.value) put(seen.value.colour)
  }

  /** A pull by the keyboard: kept at once. */
  async function nudge(pass: number, fade: boolean, to: Schemas['Handle']) {
    await ask(species(), partId()!, { pass, fade, to })
    if (seen.value && !fault.value) put(seen.value.colour)
  }

  return { seen, fault, pulling, take, pullTo, letGo, nudge }
}
