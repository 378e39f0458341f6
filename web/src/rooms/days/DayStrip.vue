<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '@/api/client'
import { closeUp, type Day, matches, MINUTES_OF_A_DAY, minuteOf, type Open, shadesOf } from './daysOf'

/** One day as a strip from midnight to midnight: hands above, each line of drying below by its texture. */
const props = defineProps<{
  day: Day
  chosen?: string
  sought?: string
  near?: boolean
  folded?: boolean
  hours: Open[]
  elsewhere: { from: number; to: number; order: string; maker: number }[]
  makers: number
}>()
const emit = defineEmits<{ choose: [task: Schemas['PlacedTask']] }>()
const HAND_FAR = 26
const HAND_NEAR = 40
const LINE = 5
const GAP = 3
/** The shades of a sitting stand along its foot, so high. */
const SHADE = 6
/** A window closes with a bracket so wide, min. */
const BRACKET = 8
const HAND = computed(() => (props.near ? HAND_NEAR : HAND_FAR))
const hands = computed(() => HAND.value * props.makers)
const lines = computed(() => (props.folded ? [] : props.day.drying))
const height = computed(() => hands.value + GAP + lines.value.length * LINE + 4)
const seen = computed(() => (props.near ? closeUp(props.day) : { from: 0, to: MINUTES_OF_A_DAY }))
const marks = computed(() =>
  props.near ? Array.from({ length: 25 }, (_, h) => h).filter((h) => h * 60 > seen.value.from && h * 60 < seen.value.to) : HOURS,
)
const soughtHere = (task: Schemas['PlacedTask']) => !props.sought || matches(task, props.sought)
const blocks = computed(() =>
  props.day.sittings.flatMap((s) => {
    const [task] = s.tasks
    if (!task) return []
    const x = minuteOf(props.day.date, s.from)
    return [{ task, sitting: s, shades: shadesOf(s), x, w: minuteOf(props.day.date, s.to) - x, y: (s.maker - 1) * HAND.value }]
  }),
)
const TONES: Record<Schemas['TaskKind'], string> = {
  mix: 'var(--color-quiet)',
  make: 'var(--color-ink)',
  'make-and-set': 'var(--color-ink)',
  dust: 'var(--color-accent)',
  paint: 'var(--color-accent)',
  join: 'var(--color-ink)',
  colour: 'var(--color-accent)',
  'see-to': 'var(--color-quiet)',
  finish: 'var(--color-ink)',
}
const HOURS = [6, 9, 12, 15, 18, 21]
</script>

<template>
  <div class="relative h-4 text-note text-quiet" aria-hidden="true">
    <span
      v-for="h in marks"
      :key="h"
      class="absolute -translate-x-1/2 tabular-nums"
      :style="{ left: `${((h * 60 - seen.from) / (seen.to - seen.from)) * 100}%` }"
      >{{ h }}</span
    >
  </div>
  <svg
    class="w-full"
    :viewBox="`${seen.from} 0 ${seen.to - seen.from} ${height}`"
    :style="{ height: `${height}px` }"
    preserveAspectRatio="none"
    aria-hidden="true"
  >
    <rect
      v-for="(h, i) in hours"
      :key="i"
      :x="h.from"
      :y="HAND * (h.first - 1)"
      :width="h.to - h.from"
      :height="HAND * (h.last - h.first + 1)"
      fill="var(--color-sheet)"
    />
    <rect
      v-for="(e, i) in elsewhere"
      :key="`e${i}`"
      :x="e.from"
      :y="HAND * (Math.min(e.maker, makers) - 1) + 6"
      :width="e.to - e.from"
      :height="HAND - 12"
      fill="var(--color-line)"
      stroke="var(--color-quiet)"
      stroke-width="0.5"
      vector-effect="non-scaling-stroke"
    >
      <title>{{ e.order }}</title>
    </rect>
    <line
      v-for="h in 23"
      :key="h"
      :x1="h * 60"
      :x2="h * 60"
      y1="0"
      :y2="height"
      stroke="var(--color-line)"
      :stroke-width="h % 6 === 0 ? 2 : 1"
      vector-effect="non-scaling-stroke"
      :stroke-opacity="h % 6 === 0 ? 1 : 0.45"
    />
    <g
      v-for="b in blocks"
      :key="b.task.uid"
      class="cursor-pointer"
      :opacity="b.sitting.tasks.some(soughtHere) ? 1 : 0.2"
      @pointerdown="emit('choose', b.task)"
    >
      <rect
        :x="b.x"
        :y="b.y + 2"
        :width="b.w"
        :height="HAND - 4"
        :fill="
          chosen && b.sitting.uids.includes(chosen)
            ? 'var(--color-accent)'
            : b.task.doing === 'join'
              ? 'var(--color-sheet)'
              : TONES[b.task.doing]
        "
        :fill-opacity="b.task.doing === 'make' || b.task.doing === 'make-and-set' ? 0.72 : 0.9"
        stroke="var(--color-ink)"
        stroke-width="1"
        vector-effect="non-scaling-stroke"
        :stroke-dasharray="b.task.evening ? '4 2' : undefined"
      />
      <rect
        v-for="(shade, i) in b.shades"
        :key="shade"
        :x="b.x + (b.w * i) / b.shades.length"
        :y="b.y + HAND - 2 - SHADE"
        :width="b.w / b.shades.length"
        :height="SHADE"
        :fill="shade"
      />
    </g>
    <g v-for="(d, i) in lines" :key="d.key" :transform="`translate(0 ${hands + GAP + i * LINE})`" @pointerdown="emit('choose', d.task)">
      <rect
        :x="d.from"
        y="0"
        :width="Math.max(0, Math.min(d.enough, d.until) - d.from)"
        :height="LINE - 2"
        :fill="d.key === chosen ? 'var(--color-accent)' : 'var(--color-quiet)'"
      />
      <rect
        :x="d.enough"
        y="1"
        :width="Math.max(0, d.until - d.enough)"
        :height="LINE - 4"
        fill="var(--color-line)"
        stroke="var(--color-quiet)"
        stroke-width="0.5"
        vector-effect="non-scaling-stroke"
      />
      <path
        v-if="d.closes"
        :d="`M${d.closes - BRACKET} 0H${d.closes}V${LINE}H${d.closes - BRACKET}`"
        fill="none"
        stroke="var(--color-accent)"
        stroke-width="1.5"
        vector-effect="non-scaling-stroke"
      />
    </g>
  </svg>
</template>
