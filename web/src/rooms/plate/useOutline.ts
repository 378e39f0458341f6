import { onScopeDispose, ref, shallowRef, watch } from 'vue'
import { answered, api, isPetaled, type Part, type Schemas } from '@/api/client'

export type Outline = Schemas['Outline']
export type OutlineView = Schemas['OutlineView']
type Point = Schemas['StationPoint']

/** The outline of a part as the core draws it; pulled on a copy until it is let go. */
export function useOutline(part: () => Part | undefined, put: (outline: Outline) => void) {
  const view = shallowRef<OutlineView>()
  const fault = shallowRef<unknown>()
  const bothSides = ref(true)
  let asked = 0
  let pulling: { from: Outline; point: Point } | undefined
  let busy = false
  let released = false
  let next: { x: number; y: number } | undefined
  let left = false
  onScopeDispose(() => (left = true))

  /** Shows the answer of a call, unless a later one was made; what is refused leaves the drawing as it was. */
  async function show(call: Promise<OutlineView>): Promise<OutlineView | undefined> {
    const turn = ++asked
    try {
      const answer = await call
      if (turn !== asked || left) return undefined
      fault.value = undefined
      view.value = answer
      return answer
    } catch (e) {
      if (turn === asked) fault.value = e
      return undefined
    }
  }

  const see = (outline: Outline) => show(answered(api.POST('/api/outline', { body: { outline } })))

  watch(
    () => {
      const chosen = part()
      return chosen && isPetaled(chosen) ? chosen.pieces.outline : undefined
    },
    (outline) => {
      if (!outline) view.value = undefined
      else if (JSON.stringify(outline) !== JSON.stringify(view.value?.outline)) void see(outline)
    },
    { immediate: true, deep: true },
  )

  const pulled = (from: Outline, point: Point, x: number, y: number) =>
    answered(api.POST('/api/outline/pull', { body: { outline: from, to: { ...point, acrossMm: x, alongMm: y }, bothSides: bothSides.value } }))

  function take(point: Point) {
    released = false
    if (view.value) pulling = { from: view.value.outline, point }
  }

  /** One question at a time; the last place that the finger was at is always asked. */
  async function pullTo(x: number, y: number) {
    next = { x, y }
    if (busy) return
    busy = true
    while (next && pulling) {
      const to: { x: number; y: number } = next
      next = undefined
      await show(pulled(pulling.from, pulling.point, to.x, to.y))
    }
    busy = false
    if (released) keep()
  }

  function letGo() {
    released = true
    if (!busy) keep()
  }

  function keep() {
    pulling = undefined
    if (view.value) put(view.value.outline)
  }

  /** A pull by the keyboard: kept at once. */
  async function nudge(point: Point, dx: number, dy: number) {
    if (!view.value) return
    const done = await show(pulled(view.value.outline, point, point.acrossMm + dx, point.alongMm + dy))
    if (done) put(done.outline)
  }

  async function change(call: (outline: Outline) => Promise<OutlineView>) {
    if (!view.value) return
    const done = await show(call(view.value.outline))
    if (done) put(done.outline)
  }

  return {
    view,
    fault,
    bothSides,
    take,
    pullTo,
    letGo,
    nudge,
    free: () => change((outline) => answered(api.POST('/api/outline/free', { body: { outline } }))),
    toFamily: () => change((outline) => answered(api.POST('/api/outline/family', { body: { outline } }))),
  }
}
