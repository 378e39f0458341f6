import { shallowRef, type ShallowRef } from 'vue'

/** Something that the studio chooses once for all its work, kept on the server: shown as chosen at once, and as before where it is refused. */
export function useChoice<T>(read: () => Promise<T>, write: (chosen: T) => Promise<T>) {
  const now: ShallowRef<T | undefined> = shallowRef()
  const fault = shallowRef('')

  async function load() {
    now.value = await read()
  }

  async function set(chosen: T) {
    const before = now.value
    now.value = chosen
    fault.value = ''
    try {
      now.value = await write(chosen)
    } catch (e) {
      now.value = before
      fault.value = (e as Error).message
    }
  }

  return { now, fault, load, set }
}
