import { ref, type Ref, watch } from 'vue'
import type { Shortcut } from './usePlateKeys'

const SAID_MS = 9000
/** What is itself a step back needs no word of it. */
const UNSAID = ['undo', 'redo']

/** What a key did to the flower is said for a while, so that a key that was hit by mistake is seen and taken back by one touch. */
export function useDid(flower: Ref<unknown>, part: () => string | undefined) {
  const did = ref<string>()
  let didOf: unknown
  let forgetting: ReturnType<typeof setTimeout> | undefined
  watch(flower, (now) => {
    if (now !== didOf) did.value = undefined
  })

  function said({ label }: Shortcut) {
    if (UNSAID.includes(label)) return
    didOf = flower.value
    did.value = part() === undefined ? label : `${label}: ${part()}`
    clearTimeout(forgetting)
    forgetting = setTimeout(() => (did.value = undefined), SAID_MS)
  }

  return { did, said }
}
