<script setup lang="ts">
import { computed, ref, useId } from 'vue'
import { isPetaled, type Part, type Schemas, type SpeciesDocument } from '@/api/client'
import RampGradient from '@/parts/RampGradient.vue'
import { bladePath, sectionPath, solidPath } from '@/parts/facePaths'
import * as handling from './handling'

/** The flower cut open along its axis, on the left of it. The selected ring has a handle at its tip and one to open it by. */
const props = defineProps<{
  section: Schemas['Section']
  parts: Part[]
  tints: Record<string, string>
  lit: string | null
  hairline: number
  stemTo: number
  place: (event: PointerEvent) => { x: number; y: number }
}>()
const selected = defineModel<string | null>('selected', { required: true })
const emit = defineEmits<{ point: [id: string | null]; change: [key: string, alter: (d: SpeciesDocument) => void] }>()

const id = useId()
/** What fills the bodies that are coloured by zones. */
const ramps = computed<Record<string, string>>(() =>
  Object.fromEntries(props.section.ramps.map((ramp) => [ramp.partId, `url(#${id}-ramp-${ramp.partId})`])),
)

const chosen = computed(() => {
  const profile = props.section.profiles.find((p) => p.partId === selected.value)
  const part = props.parts.find((p) => p.id === selected.value)
  if (!profile || !part || !isPetaled(part)) return undefined
  const at = (i: number) => ({ x: -profile.midrib[2 * i]!, y: -profile.midrib[2 * i + 1]! })
  const last = profile.midrib.length / 2 - 1
  return { part, base: at(0), middle: at(Math.round(last * 0.45)), tip: at(last) }
})

const grip = ref<'tip' | 'opens'>()
let start = { x: 0, y: 0 }
let given = 0

function take(which: 'tip' | 'opens', event: PointerEvent) {
  grip.value = which
  start = props.place(event)
  given = 0
  ;(event.currentTarget as Element).setPointerCapture(event.pointerId)
  event.stopPropagation()
}

function pull(event: PointerEvent) {
  const c = chosen.value
  if (!grip.value || !c) return
  event.stopPropagation()
  const now = props.place(event)
  if (grip.value === 'tip') {
    const length = Math.hypot(c.tip.x - c.base.x, c.tip.y - c.base.y) || 1
    const along = ((now.x - start.x) * (c.tip.x - c.base.x) + (now.y - start.y) * (c.tip.y - c.base.y)) / length
    step(Math.round(along) - given, (by) => emit('change', `length-${c.part.id}`, handling.lengthen(c.part.id, by)))
  } else {
    const angle = (p: { x: number; y: number }) => Math.atan2(-(p.x - c.base.x), -(p.y - c.base.y))
    const degrees = ((angle(now) - angle(start)) * 180) / Math.PI
    step(Math.round(degrees) - given, (by) => emit('change', `opens-${c.part.id}`, handling.opens(c.part.id, by)))
  }
}

function step(by: number, act: (by: number) => void) {
  if (by === 0) return
  given += by
  act(by)
}

const marked = (id: string) => id === selected.value || id === props.lit
const ink = (id: string) => (marked(id) ? 'var(--color-accent)' : 'var(--color-ink)')

/** Small round things of a part: radius and height of each in turn. */
function grains(rounds: Schemas['Rounds']) {
  const all = []
  for (let i = 0; i + 1 < rounds.places.length; i += 2) all.push({ cx: -rounds.places[i]!, cy: -rounds.places[i + 1]! })
  return all
}
</script>

<template>
  <g data-section stroke-linecap="round">
    <RampGradient v-for="ramp in section.ramps" :id="`${id}-ramp-${ramp.partId}`" :key="ramp.partId" :ramp="ramp" />
    <rect
      :x="-section.stem.diameterMm / 2"
      y="0"
      :width="section.stem.diameterMm / 2"
      :height="Math.min(section.stem.lengthMm, stemTo)"
      fill="var(--color-ground)"
      stroke="var(--color-ink)"
      :stroke-width="hairline"
    />
    <path
      v-for="solid in section.solids"
      :key="solid.partId"
      :data-part="solid.partId"
      :d="solidPath(solid.profile)"
      :fill="ramps[solid.partId] ?? tints[solid.partId]"
      :stroke="ink(solid.partId)"
      :stroke-width="hairline * (marked(solid.partId) ? 2.4 : 1)"
      @pointerenter="emit('point', solid.partId)"
      @pointerleave="emit('point', null)"
      @pointerdown="selected = solid.partId"
    />
    <g
      v-for="(profile, i) in section.profiles"
      :key="`${profile.partId}-${i}`"
      :data-part="profile.partId"
      fill="none"
      stroke-linejoin="round"
      @pointerenter="emit('point', profile.partId)"
      @pointerleave="emit('point', null)"
      @pointerdown="selected = profile.partId"
    >
      <path :d="sectionPath(profile.midrib)" stroke="transparent" :stroke-width="hairline * 26" />
      <path
        v-if="profile.glued > 1"
        :d="sectionPath(profile.midrib.slice(0, 2 * profile.glued))"
        stroke="var(--color-ink)"
        :stroke-width="profile.thicknessMm + hairline * 3.6"
        stroke-linecap="butt"
        data-glued
      />
      <path
        :d="bladePath(profile)"
        :fill="tints[profile.partId]"
        :stroke="ink(profile.partId)"
        :stroke-width="hairline * (marked(profile.partId) ? 2.4 : 1)"
      />
    </g>
    <g
      v-for="(line, i) in section.strokes"
      :key="`s${i}`"
      :data-part="line.partId"
      fill="none"
      stroke-linejoin="round"
      @pointerenter="emit('point', line.partId)"
      @pointerleave="emit('point', null)"
      @pointerdown="selected = line.partId"
    >
      <path
        :d="sectionPath(line.points)"
        :stroke="ink(line.partId)"
        :stroke-width="line.widthMm + hairline * (marked(line.partId) ? 4.5 : 2)"
      />
      <path :d="sectionPath(line.points)" :stroke="ramps[line.partId] ?? tints[line.partId]" :stroke-width="line.widthMm" />
    </g>
    <g
      v-for="(rounds, i) in section.rounds"
      :key="`r${i}`"
      :data-part="rounds.partId"
      :fill="ramps[rounds.partId] ?? tints[rounds.partId]"
      :stroke="ink(rounds.partId)"
      :stroke-width="hairline"
      @pointerenter="emit('point', rounds.partId)"
      @pointerleave="emit('point', null)"
      @pointerdown="selected = rounds.partId"
    >
      <ellipse v-for="(grain, k) in grains(rounds)" :key="k" v-bind="grain" :rx="rounds.wideMm / 2" :ry="rounds.highMm / 2" />
    </g>
    <g v-if="chosen" fill="var(--color-sheet)" stroke="var(--color-accent)" :stroke-width="hairline * 2" data-handles>
      <g
        v-for="handle in ['tip', 'opens'] as const"
        :key="handle"
        :data-handle="handle"
        :class="handle === 'tip' ? 'cursor-grab' : 'cursor-move'"
        @pointerdown="take(handle, $event)"
        @pointermove="pull"
        @pointerup="grip = undefined"
        @pointercancel="grip = undefined"
      >
        <circle
          :cx="(handle === 'tip' ? chosen.tip : chosen.middle).x"
          :cy="(handle === 'tip' ? chosen.tip : chosen.middle).y"
          :r="hairline * 24"
          fill="transparent"
          stroke="none"
        />
        <circle v-if="handle === 'tip'" :cx="chosen.tip.x" :cy="chosen.tip.y" :r="hairline * 8" />
        <rect
          v-else
          :x="chosen.middle.x - hairline * 7"
          :y="chosen.middle.y - hairline * 7"
          :width="hairline * 14"
          :height="hairline * 14"
          :transform="`rotate(45 ${chosen.middle.x} ${chosen.middle.y})`"
        />
        <title>{{ handle === 'tip' ? 'pull to lengthen' : 'pull to open or close' }}</title>
      </g>
    </g>
  </g>
</template>
