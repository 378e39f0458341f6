import { onScopeDispose, shallowRef } from 'vue'

/** What the core answered last; an answer that a later question has overtaken is not shown, and what is refused leaves it as it was. */
export function useAnswer<View>() {
  const view = shallowRef<View>()
  const fault = shallowRef<unknown>()
  let asked = 0
  let left = false
  onScopeDispose(() => (left = true))

  async function show(call: Promise<View>): Promise<View | undefined> {
    const turn = ++asked
    try {
      const answer = await call
      if (turn !== asked || left) return undefined
      fault.value = undefined
      view.value = answer
      return answer
    } catch (e) {
      if (turn === asked && !left) fault.value = e
      return undefined
    }
  }

  return { view, fault, show }
}

/**
 * Something that is pulled by hand: asked of the core one place at a time, the last that the finger was at always, and kept where it
 * is let go.
 */
export function usePull<Grip>(ask: (grip: Grip, x: number, y: number) => Promise<unknown>, keep: () => void) {
  const grip = shallowRef<Grip>()
  let busy = false
  let released = false
  let next: { x: number; y: number } | undefined

  function take(taken: Grip) {
    released = false
    next = undefined
    grip.value = taken
  }

  async function pullTo(x: number, y: number) {
    next = { x, y }
    if (busy) return
    busy = true
    while (next && grip.value !== undefined) {
      const to: { x: number; y: number } = next
      next = undefined
      await ask(grip.value, to.x, to.y)
    }
    busy = false
    if (released) end()
  }

  function letGo() {
    if (grip.value === undefined) return
    released = true
    if (!busy) end()
  }

  function end() {
    grip.value = undefined
    keep()
  }

  return { grip, take, pullTo, letGo }
}

const ARROWS: Record<string, [number, number]> = { ArrowUp: [0, 1], ArrowDown: [0, -1], ArrowLeft: [-1, 0], ArrowRight: [1, 0] }
const NUDGE_MM = 0.5
const FAR_NUDGE_MM = 2.5

/** How far an arrow key pulls, mm: across and along; nothing where it is none, or moves between parts. */
export function nudged(event: KeyboardEvent): [number, number] | undefined {
  const way = ARROWS[event.key]
  if (!way || event.altKey) return undefined
  event.preventDefault()
  event.stopPropagation()
  const by = event.shiftKey ? FAR_NUDGE_MM : NUDGE_MM
  return [way[0] * by, way[1] * by]
}
