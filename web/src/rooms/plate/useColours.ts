import { watch } from 'vue'
import { answered, api, isPetaled, type Schemas, type SpeciesDocument } from '@/api/client'
import { useAnswer, usePull } from './usePull'

export type Colouring = Schemas['Colouring']
export type Pass = Schemas['Pass']

/** A pass that is held, as the flower was when it was taken. */
interface Held {
  from: SpeciesDocument
  partId: string
  pass: number
  fade: boolean
}

/** The passes of a part as the core lays them on its pieces; pulled on a copy until it is let go. */
export function useColours(species: () => SpeciesDocument, partId: () => string | undefined, put: (colour: Colouring) => void) {
  const { view: seen, fault, show } = useAnswer<Schemas['PieceColours']>()

  const see = (document: SpeciesDocument, id: string, pull?: Schemas['PassPull']) =>
    show(answered(api.POST('/api/colour/piece', { body: { species: document, partId: id, pull } })))

  function keep() {
    if (seen.value) put(seen.value.colour)
  }

  const pull = usePull<Held>(
    ({ from, partId: id, pass, fade }, x, y) => see(from, id, { pass, fade, to: { acrossMm: x, alongMm: y } }),
    keep,
  )

  watch(
    [() => JSON.stringify(species()), partId],
    () => {
      const id = partId()
      const part = species().parts.find((p) => p.id === id)
      if (!id || !part || !isPetaled(part)) seen.value = undefined
      else if (!pull.grip.value) void see(species(), id)
    },
    { immediate: true },
  )

  const held = (pass: number, fade: boolean): Held => ({ from: species(), partId: partId()!, pass, fade })

  /** A pull by the keyboard, from where its handle is. */
  const nudge = (pass: number, fade: boolean, across: number, along: number) =>
    pull.nudge(() => {
      const laid = seen.value?.piece.passes[pass]
      const at = fade ? laid?.fade : laid?.reach
      return at && { grip: held(pass, fade), x: at.acrossMm + across, y: at.alongMm + along }
    })

  return {
    seen,
    fault,
    pulling: pull.grip,
    take: (pass: number, fade: boolean) => pull.take(held(pass, fade)),
    pullTo: pull.pullTo,
    letGo: pull.letGo,
    nudge,
  }
}
