<script setup lang="ts">
import { computed, ref, shallowRef, useTemplateRef } from 'vue'
import { isPetaled, type Part, type Schemas } from '@/api/client'
import { told as inWords } from '@/measure/figures'
import { useLengths } from '@/measure/useLengths'
import ProblemNote from '@/parts/ProblemNote.vue'
import OutlineDrawn from './OutlineDrawn.vue'
import { type Outline, useOutline } from './useOutline'
import { nudged } from './usePull'

/** One piece lying flat, as its cutter cuts it, pulled into shape by its station points. */
const props = defineProps<{ part?: Part; tint?: string }>()
const emit = defineEmits<{ change: [outline: Outline] }>()
const lengths = useLengths()
const svg = useTemplateRef<SVGSVGElement>('svg')
const outline = useOutline(
  () => props.part,
  (made) => emit('change', made),
)
const { view, fault, bothSides } = outline
const held = ref<string>()
const pointed = ref<string>()
const drawing = ref(false)

/** Size of the panel at which one unit of hairlines and text is one pixel. */
const PANEL = { width: 672, height: 500 }
const GRID_MM = 10

function frame() {
  const { lengthMm, widthMm } = view.value?.outline ?? { lengthMm: 30, widthMm: 30 }
  const scale = Math.max((widthMm * 1.3 + 12) / PANEL.width, (lengthMm * 1.18 + 10) / PANEL.height)
  const [w, h] = [PANEL.width * scale, PANEL.height * scale]
  return { x: -w / 2, y: -lengthMm / 2 - h / 2, w, h, hairline: scale }
}
/** While a point is held the drawing keeps its scale, so that the point stays under the finger. */
const gripped = shallowRef<ReturnType<typeof frame>>()
const box = computed(() => gripped.value ?? frame())
const text = computed(() => box.value.hairline * 13)
const path = computed(() => {
  const ring = view.value?.ring ?? []
  return ring.length ? `M${ring.map((n, i) => (i % 2 ? -n : n)).join(' ')}Z` : ''
})
const grid = computed(() => {
  const { x, y, w, h } = box.value
  const lines = []
  for (let at = Math.ceil(x / GRID_MM) * GRID_MM; at < x + w; at += GRID_MM) lines.push(`M${at} ${y}v${h}`)
  for (let at = Math.ceil(y / GRID_MM) * GRID_MM; at < y + h; at += GRID_MM) lines.push(`M${x} ${at}h${w}`)
  return lines.join('')
})
const own = computed(() => view.value?.outline.own !== undefined)
const told = computed(() => view.value?.points.find((p) => p.id === (held.value ?? pointed.value)))
const pulls = (p: Schemas['StationPoint']) => `${p.id.replace(/-/g, ' ')}: pull to change ${p.label}`

const shown = (value: number, unit: Schemas['Figure']['unit']) => inWords(value, unit, lengths.unit)

function place(event: PointerEvent) {
  const at = new DOMPoint(event.clientX, event.clientY).matrixTransform(svg.value!.getScreenCTM()!.inverse())
  return { x: at.x, y: -at.y }
}

function press(point: Schemas['StationPoint'], event: PointerEvent) {
  held.value = point.id
  gripped.value = frame()
  outline.take(point)
  svg.value!.setPointerCapture(event.pointerId)
}

function drag(event: PointerEvent) {
  if (!held.value) return
  const at = place(event)
  void outline.pullTo(at.x, at.y)
}

function letGo() {
  if (!held.value) return
  held.value = undefined
  gripped.value = undefined
  outline.letGo()
}

function key(point: Schemas['StationPoint'], event: KeyboardEvent) {
  const by = nudged(event)
  if (by) void outline.nudge(point.id, ...by)
}

function drawn(made: Outline) {
  drawing.value = false
  emit('change', made)
}
</script>

<template>
  <section class="relative flex min-w-0 flex-col bg-sheet" aria-label="The outline lying flat">
    <template v-if="view && part && isPetaled(part)">
      <svg
        ref="svg"
        class="min-h-0 w-full flex-1 touch-none"
        :viewBox="`${box.x} ${box.y} ${box.w} ${box.h}`"
        role="group"
        :aria-label="`The outline of ${part.name}`"
        @pointermove="drag"
        @pointerup="letGo"
        @pointercancel="letGo"
      >
        <path :d="grid" fill="none" stroke="var(--color-line)" :stroke-width="box.hairline * 0.5" />
        <path :d="path" :fill="tint" stroke="var(--color-ink)" :stroke-width="box.hairline * 1.4" stroke-linejoin="round" data-outline />
        <line
          x1="0"
          y1="0"
          x2="0"
          :y2="-view.outline.lengthMm"
          stroke="var(--color-ink)"
          :stroke-width="box.hairline"
          :stroke-dasharray="`${box.hairline * 14} ${box.hairline * 5} ${box.hairline * 3} ${box.hairline * 5}`"
        />
        <g fill="var(--color-quiet)" :font-size="text" font-family="var(--font-sans)">
          <g stroke="var(--color-quiet)" :stroke-width="box.hairline">
            <line
              :x1="view.outline.widthMm / 2 + text * 1.6"
              y1="0"
              :x2="view.outline.widthMm / 2 + text * 1.6"
              :y2="-view.outline.lengthMm"
            />
            <line :x1="view.outline.widthMm / 2 + text * 1.2" y1="0" :x2="view.outline.widthMm / 2 + text * 2" y2="0" />
            <line
              :x1="view.outline.widthMm / 2 + text * 1.2"
              :y1="-view.outline.lengthMm"
              :x2="view.outline.widthMm / 2 + text * 2"
              :y2="-view.outline.lengthMm"
            />
          </g>
          <text :x="view.outline.widthMm / 2 + text * 2.1" :y="-view.outline.lengthMm / 2">
            {{ shown(view.outline.lengthMm, 'mm') }} long
          </text>
          <text x="0" :y="text * 1.5" text-anchor="middle">{{ shown(view.outline.widthMm, 'mm') }} wide</text>
        </g>
        <circle
          v-for="point in view.points"
          :key="point.id"
          :cx="point.acrossMm"
          :cy="-point.alongMm"
          :r="box.hairline * (point.id === held ? 8 : 6)"
          :fill="point.id === held ? 'var(--color-accent)' : 'var(--color-sheet)'"
          stroke="var(--color-accent)"
          :stroke-width="box.hairline * 2"
          class="cursor-grab"
          tabindex="0"
          role="button"
          :aria-label="pulls(point)"
          :data-point="point.id"
          @pointerdown.prevent="press(point, $event)"
          @pointerenter="pointed = point.id"
          @pointerleave="pointed = undefined"
          @focus="pointed = point.id"
          @blur="pointed = undefined"
          @keydown="key(point, $event)"
        />
      </svg>
      <p class="pointer-events-none absolute top-2 left-3 font-heading text-lead text-quiet italic">
        {{ told ? pulls(told) : own ? 'an outline of your own' : 'an outline of the family' }}; lines every {{ shown(GRID_MM, 'mm') }}
      </p>
      <ProblemNote v-if="fault" :error="fault" class="absolute top-10 right-3 left-3" />
      <div class="flex flex-wrap items-center gap-x-3 border-t border-line px-3 py-1">
        <span>{{ shown(view.areaMm2, 'square-mm') }} inside, {{ shown(view.edgeMm, 'mm') }} round</span>
        <span class="flex-1" />
        <label v-if="own" class="flex items-center gap-1.5"
          ><input v-model="bothSides" type="checkbox" class="size-4" /> both sides alike</label
        >
        <button v-if="own" type="button" class="act-quiet" @click="outline.toFamily()">Back to the family</button>
        <button v-else type="button" class="act-quiet" title="Then it can be pulled at any station" @click="outline.free()">
          Make it my own shape
        </button>
        <button type="button" class="act-quiet" @click="drawing = true">Import a drawing …</button>
      </div>
      <OutlineDrawn :open="drawing" :length-mm="view.outline.lengthMm" @close="drawing = false" @drawn="drawn" />
    </template>
    <p v-else class="m-auto max-w-80 text-center text-quiet">
      Choose a ring, a calyx or leaves on the strand: what is cut for them is drawn here, to be pulled into shape.
    </p>
  </section>
</template>
