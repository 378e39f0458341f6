<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '@/api/client'
import { type Day, MINUTES_OF_A_DAY, minuteOf, type Open } from './daysOf'

/** One day as a strip from midnight to midnight: hands above, each line of drying below by its texture. */
const props = defineProps<{ day: Day; chosen?: string; hours: Open[]; elsewhere: { from: number; to: number; order: string; maker: number }[]; makers: number }>()
const emit = defineEmits<{ choose: [stint: Schemas['Stint']] }>()
const HAND = 26
const LINE = 5
const GAP = 3
const hands = computed(() => HAND * props.makers)
const height = computed(() => hands.value + GAP + props.day.drying.length * LINE + 4)
const blocks = computed(() =>
  props.day.stints.map((s) => ({ stint: s, x: minuteOf(props.day.date, s.from), w: minuteOf(props.day.date, s.to) - minuteOf(props.day.date, s.from), y: (s.maker - 1) * HAND })),
)
const TONES: Record<Schemas['Doing'], string> = {
  mix: 'var(--color-quiet)',
  make: 'var(--color-ink)',
  'make-and-set': 'var(--color-ink)',
  dust: 'var(--color-accent)',
  paint: 'var(--color-accent)',
  join: 'var(--color-ink)',
}
const HOURS = [6, 9, 12, 15, 18, 21]
</script>

<template>
  <div class="relative h-4 text-note text-quiet" aria-hidden="true">
    <span v-for="h in HOURS" :key="h" class="absolute -translate-x-1/2 tabular-nums" :style="{ left: `${(h / 24) * 100}%` }">{{ h }}</span>
  </div>
  <svg class="w-full" :viewBox="`0 0 ${MINUTES_OF_A_DAY} ${height}`" :style="{ height: `${height}px` }" preserveAspectRatio="none" aria-hidden="true">
    <rect v-for="(h, i) in hours" :key="i" :x="h.from" :y="HAND * (h.first - 1)" :width="h.to - h.from" :height="HAND * (h.last - h.first + 1)" fill="var(--color-sheet)" />
    <rect v-for="(e, i) in elsewhere" :key="`e${i}`" :x="e.from" :y="HAND * (Math.min(e.maker, makers) - 1) + 6" :width="e.to - e.from" :height="HAND - 12" fill="var(--color-line)" stroke="var(--color-quiet)" stroke-width="0.5" vector-effect="non-scaling-stroke"><title>{{ e.order }}</title></rect>
    <line v-for="h in 23" :key="h" :x1="h * 60" :x2="h * 60" y1="0" :y2="height" stroke="var(--color-line)" :stroke-width="h % 6 === 0 ? 2 : 1" vector-effect="non-scaling-stroke" :stroke-opacity="h % 6 === 0 ? 1 : 0.45" />
    <g v-for="b in blocks" :key="b.stint.uid" class="cursor-pointer" @pointerdown="emit('choose', b.stint)">
      <rect
        :x="b.x"
        :y="b.y + 2"
        :width="b.w"
        :height="HAND - 4"
        :fill="b.stint.uid === chosen ? 'var(--color-accent)' : b.stint.doing === 'join' ? 'var(--color-sheet)' : TONES[b.stint.doing]"
        :fill-opacity="b.stint.doing === 'make' || b.stint.doing === 'make-and-set' ? 0.72 : 0.9"
        stroke="var(--color-ink)"
        stroke-width="1"
        vector-effect="non-scaling-stroke"
        :stroke-dasharray="b.stint.evening ? '4 2' : undefined"
      />
    </g>
    <g v-for="(d, i) in day.drying" :key="d.key" :transform="`translate(0 ${hands + GAP + i * LINE})`" @pointerdown="emit('choose', d.stint)">
      <rect :x="d.from" y="0" :width="Math.max(0, Math.min(d.enough, d.until) - d.from)" :height="LINE - 2" :fill="d.key === chosen ? 'var(--color-accent)' : 'var(--color-quiet)'" />
      <rect :x="d.enough" y="1" :width="Math.max(0, d.until - d.enough)" :height="LINE - 4" fill="var(--color-line)" stroke="var(--color-quiet)" stroke-width="0.5" vector-effect="non-scaling-stroke" />
    </g>
  </svg>
</template>
