import { nextTick, onScopeDispose, shallowRef } from 'vue'

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

/** Something taken hold of, and where it is, mm. */
export interface Hold<Grip> {
  grip: Grip
  x: number
  y: number
}

/**
 * Something that is pulled by hand: asked of the core one place at a time, the last that the finger was at always, and kept where it
 * is let go. Nudges by a key wait for each other and for what was let go before, so that none of them is lost.
 */
export function usePull<Grip>(ask: (grip: Grip, x: number, y: number) => Promise<unknown>, keep: () => void) {
  const grip = shallowRef<Grip>()
  let busy = false
  let released = false
  let next: { x: number; y: number } | undefined
  let rest: Promise<unknown> = Promise.resolve()

  function take(taken: Grip) {
    released = false
    next = undefined
    grip.value = taken
  }

  function pullTo(x: number, y: number) {
    next = { x, y }
    if (!busy) rest = follow()
    return rest
  }

  async function follow() {
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
    released = false
    grip.value = undefined
    keep()
  }

  let line: Promise<unknown> = rest

  /** Pulls by a key, from where it is once all before is kept; nothing while a finger holds something. */
  function nudge(hold: () => Hold<Grip> | undefined) {
    line = line.then(async () => {
      await rest
      await nextTick()
      const held = grip.value === undefined ? hold() : undefined
      if (!held) return
      take(held.grip)
      const done = pullTo(held.x, held.y)
      letGo()
      await done
    })
    return line
  }

  return { grip, take, pullTo, letGo, nudge }
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
