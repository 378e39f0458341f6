import { ref, type Ref, watch } from 'vue'

const key = (name: string) => `crisp-whorl.held.${name}`

/** Something that is typed and not yet sent: it survives Back and a reload of the page, and is forgotten with the window. */
export function useHeld<T>(name: string, begun: T): Ref<T> {
  const kept = sessionStorage.getItem(key(name))
  let first = begun
  try {
    if (kept !== null) first = JSON.parse(kept) as T
  } catch {
    sessionStorage.removeItem(key(name))
  }
  const held = ref(first) as Ref<T>
  watch(
    held,
    (now) => {
      try {
        sessionStorage.setItem(key(name), JSON.stringify(now))
      } catch {
        // A browser that holds no more shows it all the same.
      }
    },
    { deep: true, flush: 'sync' },
  )
  return held
}
