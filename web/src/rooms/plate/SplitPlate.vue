<script setup lang="ts">
import { computed, ref, useTemplateRef } from 'vue'
import type { Figure, Part, Schemas, SpeciesDocument } from '@/api/client'
import { written } from '@/measure/figures'
import { useLengths } from '@/measure/useLengths'
import FaceDrawing from '@/parts/FaceDrawing.vue'
import { useView } from '@/parts/useView'
import * as handling from './handling'
import HabitInset from './HabitInset.vue'
import SectionDrawing from './SectionDrawing.vue'

/** One drawing of the flower: its left half cut open along the axis, its right half seen from the front. */
const props = defineProps<{
  drawing: Schemas['Drawing']
  figures: Figure[]
  parts: Part[]
  tints: Record<string, string>
  lit: string | null
}>()
const selected = defineModel<string | null>('selected', { required: true })
const emit = defineEmits<{ point: [id: string | null]; change: [key: string, alter: (d: SpeciesDocument) => void] }>()
const lengths = useLengths()
const svg = useTemplateRef<SVGSVGElement>('svg')

const heads = computed(() => props.parts.find((p) => 'openings' in p))

const STEM_SHOWN_MM = 34
/** Leaves may reach beyond the flower; the drawing makes room for them up to this many times its radius. */
const ROOM_FOR_LEAVES = 2.2
/** Size of the panel at which one unit of hairlines and text is one pixel. */
const PANEL = { width: 672, height: 540 }

const radius = computed(() => props.drawing.face.radiusMm)
/** How far the face reaches to each side, leaves included. */
const extent = computed(() => {
  const reach = { right: radius.value, up: radius.value, down: radius.value }
  for (const ring of props.drawing.face.rings) {
    for (const azimuth of ring.azimuths) {
      const [cos, sin] = [Math.cos((azimuth * Math.PI) / 180), Math.sin((azimuth * Math.PI) / 180)]
      for (let i = 0; i + 1 < ring.outline.length; i += 2) {
        const x = ring.outline[i]! * sin + ring.outline[i + 1]! * cos
        const y = ring.outline[i]! * cos - ring.outline[i + 1]! * sin
        reach.right = Math.max(reach.right, x)
        if (x > 0) {
          reach.up = Math.max(reach.up, y)
          reach.down = Math.max(reach.down, -y)
        }
      }
    }
  }
  const most = radius.value * ROOM_FOR_LEAVES
  return { right: Math.min(most, reach.right), up: Math.min(most, reach.up), down: Math.min(most, reach.down) }
})
const half = computed(() => {
  const lines = [...props.drawing.section.profiles.map((p) => p.midrib), ...props.drawing.section.strokes.map((s) => s.points)]
  const tips = lines.flatMap((points) => points.filter((_, i) => i % 2 === 0))
  const left = Math.min(Math.max(...tips, 0) * 1.05, radius.value * ROOM_FOR_LEAVES)
  return Math.max(radius.value * 1.14, extent.value.right * 1.03, left, 8)
})
const top = computed(() => Math.max(extent.value.up, props.drawing.section.highestMm) * 1.06 + 8)
/** The stem is shown a little beyond the lowest part that stands on it, not to its end. */
const bottom = computed(() => {
  const { profiles, solids, strokes } = props.drawing.section
  const lines = [...profiles.map((p) => p.midrib), ...solids.map((s) => s.profile), ...strokes.map((s) => s.points)]
  const lowest = Math.min(0, ...lines.flatMap((points) => points.filter((_, i) => i % 2 === 1)))
  const shown = Math.min(-lowest, radius.value * ROOM_FOR_LEAVES + STEM_SHOWN_MM) + Math.min(STEM_SHOWN_MM / 2, radius.value / 2)
  return Math.max(extent.value.down, shown) * 1.04 + 7
})
const view = useView(() => ({ x: -half.value, y: -top.value, width: 2 * half.value, height: top.value + bottom.value }))
const box = computed(() => `${view.frame.value.x} ${view.frame.value.y} ${view.frame.value.width} ${view.frame.value.height}`)
const hairline = computed(() => Math.max(view.frame.value.width / PANEL.width, view.frame.value.height / PANEL.height))
defineExpose({ zoomBy: view.zoomBy, step: view.step, all: view.all })
const text = computed(() => hairline.value * 13)
const shown = (key: string) => {
  const figure = props.figures.find((f) => f.key === key)!
  const { number, unit } = written(figure.value, figure.unit, lengths.unit)
  return `${number} ${unit}`
}

/** What holds the flower: a stem, a foot that is pushed in, or nothing. */
const held = computed(() => {
  const by = ['stem', 'foot'].find((key) => props.figures.some((f) => f.key === key))
  return by ? `${by} ${shown(by)}` : 'no stem'
})

function place(event: PointerEvent): { x: number; y: number } {
  const matrix = svg.value!.getScreenCTM()!.inverse()
  const point = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix)
  return { x: point.x, y: point.y }
}

const grip = ref<{ id: string; angle: number; turned: number }>()

function press(id: string, event: PointerEvent) {
  selected.value = id
  const at = place(event)
  grip.value = { id, angle: Math.atan2(at.x, -at.y), turned: 0 }
  svg.value!.setPointerCapture(event.pointerId)
}

function drag(event: PointerEvent) {
  if (!grip.value) return
  const at = place(event)
  const degrees = ((Math.atan2(at.x, -at.y) - grip.value.angle) * 180) / Math.PI
  const by = Math.round(degrees) - grip.value.turned
  if (by !== 0) {
    emit('change', `turn-${grip.value.id}`, handling.turn(grip.value.id, by))
    grip.value.turned += by
  }
}

/** Two fingers apart or together enlarge; one that is put on the bare sheet moves it. */
const touching = new Map<number, { x: number; y: number }>()

function touch(event: PointerEvent) {
  selected.value = null
  touching.set(event.pointerId, { x: event.clientX, y: event.clientY })
  svg.value!.setPointerCapture(event.pointerId)
}

function move(event: PointerEvent) {
  const was = touching.get(event.pointerId)
  if (!was) return drag(event)
  const now = { x: event.clientX, y: event.clientY }
  const other = [...touching].find(([id]) => id !== event.pointerId)?.[1]
  if (other) {
    const apart = (p: { x: number; y: number }) => Math.hypot(p.x - other.x, p.y - other.y) || 1
    view.zoomBy(apart(now) / apart(was), place(event))
  } else {
    const scale = svg.value!.getScreenCTM()!.a
    view.pan((was.x - now.x) / scale, (was.y - now.y) / scale)
  }
  touching.set(event.pointerId, now)
}

function lift(event: PointerEvent) {
  touching.delete(event.pointerId)
  grip.value = undefined
}

/** The wheel enlarges about the pointer, and changes nothing. */
function zoom(event: WheelEvent) {
  event.preventDefault()
  view.zoomBy(event.deltaY < 0 ? 1.15 : 1 / 1.15, place(event as unknown as PointerEvent))
}

const overFace = computed(() => props.drawing.face.gaps.filter((g) => Math.sin((g.azimuth * Math.PI) / 180) >= -0.01))

function gapArc(gap: Schemas['Gap']): string {
  const spread = gap.widthMm / Math.max(gap.radiusMm, 0.1) / 2
  const middle = (gap.azimuth * Math.PI) / 180
  const end = (a: number) => `${gap.radiusMm * Math.sin(a)} ${-gap.radiusMm * Math.cos(a)}`
  return `M${end(middle - spread)}A${gap.radiusMm} ${gap.radiusMm} 0 0 1 ${end(middle + spread)}`
}
</script>

<template>
  <section aria-label="Split plate" class="relative min-w-0 bg-sheet">
    <svg
      ref="svg"
      class="absolute inset-0 size-full touch-none"
      :viewBox="box"
      role="group"
      aria-label="The flower: section on the left, face on the right"
      @pointermove="move"
      @pointerup="lift"
      @pointercancel="lift"
      @pointerdown.self="touch"
      @wheel="zoom"
    >
      <defs>
        <clipPath id="right-half">
          <rect x="0" :y="view.zoom.value > 1 ? -top * 3 : -top + text * 2.2" :width="half * 3" :height="(top + bottom) * 4" />
        </clipPath>
        <clipPath id="left-half"><rect :x="-half * 3" :y="-top * 3" :width="half * 3" :height="(top + bottom) * 4" /></clipPath>
      </defs>
      <g clip-path="url(#right-half)" data-face>
        <FaceDrawing
          :face="drawing.face"
          :tints="tints"
          :selected="selected"
          :lit="lit"
          :hairline="hairline"
          right-half
          shadows
          @point="emit('point', $event)"
          @press="press"
        />
        <path
          v-for="gap in overFace"
          :key="gap.partId"
          :d="gapArc(gap)"
          fill="none"
          stroke="var(--color-accent)"
          :stroke-width="hairline * 5"
          stroke-dasharray="1 1"
        />
      </g>
      <SectionDrawing
        v-model:selected="selected"
        clip-path="url(#left-half)"
        :section="drawing.section"
        :parts="parts"
        :tints="tints"
        :lit="lit"
        :hairline="hairline"
        :stem-to="bottom"
        :place="place"
        @point="emit('point', $event)"
        @change="(key, alter) => emit('change', key, alter)"
      />
      <line
        x1="0"
        :y1="-top + text"
        x2="0"
        :y2="bottom - 1"
        stroke="var(--color-ink)"
        :stroke-width="hairline"
        :stroke-dasharray="`${hairline * 14} ${hairline * 5} ${hairline * 3} ${hairline * 5}`"
      />
      <g fill="var(--color-quiet)" :font-size="text" font-family="var(--font-sans)">
        <g stroke="var(--color-quiet)" :stroke-width="hairline">
          <line x1="0" :y1="-top + text * 1.5" :x2="radius" :y2="-top + text * 1.5" />
          <line :x1="radius" :y1="-top + text" :x2="radius" :y2="-top + text * 2" />
          <line :x1="-half + text * 0.9" :y1="-drawing.section.highestMm" :x2="-half + text * 0.9" y2="0" />
          <line :x1="-half + text * 0.5" :y1="-drawing.section.highestMm" :x2="-half + text * 1.3" :y2="-drawing.section.highestMm" />
          <line :x1="-half + text * 0.5" y1="0" :x2="-half + text * 1.3" y2="0" />
        </g>
        <text :x="text * 0.6" :y="-top + text * 1.15">{{ shown('face') }} across</text>
        <text :x="-half + text * 0.5" :y="-drawing.section.highestMm - text * 0.5">{{ shown('height') }} high</text>
        <text :x="-text * 0.8" :y="bottom - text * 0.7" text-anchor="end">{{ held }}</text>
      </g>
    </svg>
    <HabitInset
      v-if="drawing.habit && heads"
      class="absolute right-2 bottom-2 h-[38%] w-[26%]"
      :habit="drawing.habit"
      :lit="heads.id === selected || heads.id === lit"
      @press="selected = heads.id"
    />
    <p v-if="view.zoom.value > 1" class="absolute bottom-2 left-2 flex items-center gap-1 bg-sheet" data-zoom>
      <button type="button" class="act-quiet" @click="view.all()">The whole flower</button>
      <span class="text-note text-quiet">× {{ view.zoom.value.toFixed(1) }}</span>
    </p>
    <p class="pointer-events-none absolute top-2 left-3 font-heading text-lead text-quiet italic">section</p>
    <p class="pointer-events-none absolute top-2 right-3 font-heading text-lead text-quiet italic">face</p>
  </section>
</template>
