<script setup lang="ts">
import { computed, useTemplateRef } from 'vue'
import type { Schemas } from '@/api/client'
import { tintPicture } from '@/parts/tintPicture'
import { nudged } from './usePull'

/** A piece with its passes on, face and back; the reach and the fade of one of them are pulled. */
const props = defineProps<{
  piece: Schemas['PieceColours']['piece']
  name: string
  chosen: number
  /** Whether that pass is on the back. */
  back: boolean
  pulling?: { fade: boolean }
}>()
const emit = defineEmits<{
  take: [fade: boolean]
  pull: [acrossMm: number, alongMm: number]
  letGo: []
  nudge: [fade: boolean, by: [number, number]]
}>()
const svg = useTemplateRef<SVGSVGElement>('svg')

const GAP = 0.22
const layout = computed(() => {
  const long = props.piece.lengthMm
  const half = -props.piece.face.leftMm
  const apart = half * (2 + GAP)
  const width = 2 * half + apart + half * 0.3
  const height = long * 1.16
  return { long, half, apart, hairline: Math.max(width / 640, height / 330), box: `${-half * 1.15} ${-long * 1.06} ${width} ${height}` }
})
const edge = computed(() => {
  const ring = props.piece.ring
  return ring.length ? `M${ring.map((n, i) => (i % 2 ? -n : n)).join(' ')}Z` : ''
})
const handles = computed(() => {
  const laid = props.piece.passes[props.chosen]
  if (!laid?.reach || !laid.fade) return []
  return [
    { fade: false, at: laid.reach, label: 'reach', back: props.back },
    { fade: true, at: laid.fade, label: 'fade', back: props.back },
  ]
})
const place = (handle: { at: Schemas['Handle']; back: boolean }) => ({
  x: handle.at.acrossMm + (handle.back ? layout.value.apart : 0),
  y: -handle.at.alongMm,
})

let held: { back: boolean } | undefined
function press(handle: { fade: boolean; back: boolean }, event: PointerEvent) {
  held = handle
  emit('take', handle.fade)
  svg.value!.setPointerCapture(event.pointerId)
}

function drag(event: PointerEvent) {
  if (!held) return
  const at = new DOMPoint(event.clientX, event.clientY).matrixTransform(svg.value!.getScreenCTM()!.inverse())
  emit('pull', at.x - (held.back ? layout.value.apart : 0), -at.y)
}

function letGo() {
  held = undefined
  emit('letGo')
}

function key(handle: { fade: boolean }, event: KeyboardEvent) {
  const by = nudged(event)
  if (by) emit('nudge', handle.fade, by)
}
</script>

<template>
  <svg
    ref="svg"
    class="min-h-[240px] w-full flex-1 touch-none"
    :viewBox="layout.box"
    role="group"
    :aria-label="`A piece of ${name}, face and back`"
    @pointermove="drag"
    @pointerup="letGo"
    @pointercancel="letGo"
  >
    <g v-for="(side, i) in [piece.face, piece.back]" :key="i" :transform="`translate(${i * layout.apart} 0)`">
      <clipPath :id="`piece-${i}`"><path :d="edge" /></clipPath>
      <image
        :href="tintPicture(side)"
        :x="side.leftMm"
        :y="side.topMm"
        :width="side.columns * side.cellMm"
        :height="side.rows * side.cellMm"
        preserveAspectRatio="none"
        :clip-path="`url(#piece-${i})`"
        :data-side="i ? 'back' : 'face'"
      />
      <path :d="edge" fill="none" stroke="var(--color-ink)" :stroke-width="layout.hairline" stroke-linejoin="round" />
      <text
        x="0"
        :y="layout.hairline * 16"
        text-anchor="middle"
        fill="var(--color-quiet)"
        :font-size="layout.hairline * 13"
        font-family="var(--font-heading)"
        font-style="italic"
      >
        {{ i ? 'back' : 'face' }}
      </text>
    </g>
    <g v-for="handle in handles" :key="handle.label">
      <circle
        :cx="place(handle).x"
        :cy="place(handle).y"
        :r="layout.hairline * (handle.fade ? 6 : 8)"
        :fill="pulling?.fade === handle.fade ? 'var(--color-accent)' : 'var(--color-sheet)'"
        stroke="var(--color-accent)"
        :stroke-width="layout.hairline * 2"
        class="cursor-grab"
        tabindex="0"
        role="button"
        :aria-label="`pull the ${handle.label} of this pass`"
        :aria-pressed="pulling?.fade === handle.fade"
        :data-handle="handle.label"
        @pointerdown.prevent="press(handle, $event)"
        @keydown="key(handle, $event)"
      />
    </g>
  </svg>
</template>
