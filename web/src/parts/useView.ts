import { computed, ref } from 'vue'

/** What of a drawing is looked at: the whole of it, or a part enlarged. All in the drawing's own units. */
export interface Frame {
  x: number
  y: number
  width: number
  height: number
}

const MOST = 12

/** Zooming and panning over a drawing that frames itself. */
export function useView(whole: () => Frame) {
  const zoom = ref(1)
  /** Where the middle of the view lies, as shares of the whole. */
  const at = ref({ x: 0.5, y: 0.5 })

  const frame = computed<Frame>(() => {
    const all = whole()
    const width = all.width / zoom.value
    const height = all.height / zoom.value
    return { x: all.x + at.value.x * all.width - width / 2, y: all.y + at.value.y * all.height - height / 2, width, height }
  })

  function held(share: number) {
    const edge = 0.5 / zoom.value
    return Math.min(1 - edge, Math.max(edge, share))
  }

  /** Enlarges by a factor about a point of the drawing, which stays where it is. */
  function zoomBy(factor: number, about?: { x: number; y: number }) {
    const all = whole()
    const before = zoom.value
    zoom.value = Math.min(MOST, Math.max(1, before * factor))
    const share = about ? { x: (about.x - all.x) / all.width, y: (about.y - all.y) / all.height } : at.value
    const kept = before / zoom.value
    at.value = { x: held(share.x + (at.value.x - share.x) * kept), y: held(share.y + (at.value.y - share.y) * kept) }
  }

  /** Moves the view by so much of the drawing. */
  function pan(dx: number, dy: number) {
    const all = whole()
    at.value = { x: held(at.value.x + dx / all.width), y: held(at.value.y + dy / all.height) }
  }

  /** Moves the view by a share of what is seen. */
  const step = (dx: number, dy: number) => pan(dx * frame.value.width, dy * frame.value.height)

  function all() {
    zoom.value = 1
    at.value = { x: 0.5, y: 0.5 }
  }

  return { frame, zoom, zoomBy, pan, step, all }
}
