import { ref, watch } from 'vue'
import { answered, api, isPetaled, type Part, type Schemas } from '@/api/client'
import { useAnswer, usePull } from './usePull'

export type Outline = Schemas['Outline']
export type OutlineView = Schemas['OutlineView']
type Point = Schemas['StationPoint']

/** The outline of a part as the core draws it; pulled on a copy until it is let go. */
export function useOutline(part: () => Part | undefined, put: (outline: Outline) => void) {
  const { view, fault, show } = useAnswer<OutlineView>()
  const bothSides = ref(true)

  watch(
    () => {
      const chosen = part()
      return chosen && isPetaled(chosen) ? chosen.pieces.outline : undefined
    },
    (outline) => {
      if (!outline) view.value = undefined
      else if (JSON.stringify(outline) !== JSON.stringify(view.value?.outline))
        void show(answered(api.POST('/api/outline', { body: { outline } })))
    },
    { immediate: true, deep: true },
  )

  const pulled = (from: Outline, point: Point, x: number, y: number) =>
    show(
      answered(
        api.POST('/api/outline/pull', { body: { outline: from, to: { ...point, acrossMm: x, alongMm: y }, bothSides: bothSides.value } }),
      ),
    )

  function keep() {
    if (view.value) put(view.value.outline)
  }

  const pull = usePull<{ from: Outline; point: Point }>(({ from, point }, x, y) => pulled(from, point, x, y), keep)

  function take(point: Point) {
    if (view.value) pull.take({ from: view.value.outline, point })
  }

  /** A pull by the keyboard, from where the point is. */
  const nudge = (id: string, across: number, along: number) =>
    pull.nudge(() => {
      const point = view.value?.points.find((p) => p.id === id)
      return point && { grip: { from: view.value!.outline, point }, x: point.acrossMm + across, y: point.alongMm + along }
    })

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
    pullTo: pull.pullTo,
    letGo: pull.letGo,
    nudge,
    free: () => change((outline) => answered(api.POST('/api/outline/free', { body: { outline } }))),
    toFamily: () => change((outline) => answered(api.POST('/api/outline/family', { body: { outline } }))),
  }
}
