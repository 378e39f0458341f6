<script setup lang="ts">
import { computed, ref, useTemplateRef } from 'vue'
import type { Figure, Part, Schemas, SpeciesDocument } from '@/api/client'
import { written } from '@/measure/figures'
import { useLengths } from '@/measure/useLengths'
import FaceDrawing from '@/parts/FaceDrawing.vue'
import * as handling from './handling'
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

const STEM_SHOWN_MM = 34
const radius = computed(() => props.drawing.face.radiusMm)
const half = computed(() => {
  const tips = props.drawing.section.profiles.flatMap((p) => p.midrib.filter((_, i) => i % 2 === 0))
  return Math.max(radius.value * 1.14, Math.min(Math.max(...tips, 0) * 1.05, radius.value * 1.3), 8)
})
const top = computed(() => Math.max(radius.value, props.drawing.section.highestMm) * 1.06 + 8)
const bottom = computed(() => {
  const lowest = Math.max(props.drawing.section.lowestMm, -radius.value - STEM_SHOWN_MM)
  return Math.max(radius.value, -lowest) * 1.04 + 7
})
const box = computed(() => `${-half.value} ${-top.value} ${2 * half.value} ${top.value + bottom.value}`)
const hairline = computed(() => half.value / 340)
const text = computed(() => half.value / 22)
const shown = (key: string) => {
  const figure = props.figures.find((f) => f.key === key)!
  const { number, unit } = written(figure.value, figure.unit, lengths.unit)
  return `${number} ${unit}`
}

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

function wheel(id: string, event: WheelEvent) {
  event.preventDefault()
  selected.value = id
  emit('change', `count-${id}`, handling.count(id, event.deltaY < 0 ? 1 : -1))
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
      @pointermove="drag"
      @pointerup="grip = undefined"
      @pointercancel="grip = undefined"
      @pointerdown.self="selected = null"
    >
      <defs>
        <clipPath id="right-half"><rect x="0" :y="-radius * 1.05" :width="half" :height="radius * 1.05 + bottom" /></clipPath>
        <clipPath id="left-half"><rect :x="-half" :y="-top" :width="half" :height="top + bottom" /></clipPath>
      </defs>
      <g clip-path="url(#right-half)" data-face>
        <FaceDrawing
          :face="drawing.face"
          :tints="tints"
          :selected="selected"
          :lit="lit"
          :hairline="hairline"
          @point="emit('point', $event)"
          @press="press"
          @wheel="wheel"
        />
        <path v-for="gap in overFace" :key="gap.partId" :d="gapArc(gap)" fill="none" stroke="var(--color-accent)" :stroke-width="hairline * 5" stroke-dasharray="1 1" />
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
      <line x1="0" :y1="-top + text" x2="0" :y2="bottom - 1" stroke="var(--color-ink)" :stroke-width="hairline" :stroke-dasharray="`${hairline * 14} ${hairline * 5} ${hairline * 3} ${hairline * 5}`" />
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
        <text :x="-text * 0.8" :y="bottom - text * 0.7" text-anchor="end">stem {{ shown('stem') }}</text>
      </g>
    </svg>
    <p class="pointer-events-none absolute top-2 left-3 font-heading text-[15px] text-quiet italic">section</p>
    <p class="pointer-events-none absolute top-2 right-3 font-heading text-[15px] text-quiet italic">face</p>
  </section>
</template>
