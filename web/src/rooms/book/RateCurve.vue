<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '@/api/client'
import { along } from './pages'

/** How likely each drying factor is: before any record as a dashed line, with the records as a filled one, four fifths of it as a bar. */
const props = defineProps<{ lesson: Schemas['DryingLesson'] }>()
const WIDE = 300
const HIGH = 76
const TICKS = [0.5, 0.7, 1, 1.4, 2]

const x = (factor: number) => (along(factor) * WIDE).toFixed(1)
const shown = computed(() => props.lesson.rate.curve.filter((p) => p.factor >= 0.4 && p.factor <= 2.5))
const most = computed(() => Math.max(...shown.value.map((p) => Math.max(p.before, p.after))))
const line = (of: 'before' | 'after') =>
  shown.value.map((p) => `${x(p.factor)},${(HIGH - (p[of] / most.value) * (HIGH - 8)).toFixed(1)}`).join(' ')
</script>

<template>
  <svg
    :viewBox="`-8 0 ${WIDE + 16} ${HIGH + 22}`"
    class="w-full max-w-md"
    role="img"
    :aria-label="`How likely each factor is; the middle is ${lesson.rate.factor.toFixed(2)}`"
  >
    <polygon :points="`0,${HIGH} ${line('after')} ${WIDE},${HIGH}`" class="fill-ink/15 stroke-ink" stroke-width="1" />
    <polyline :points="line('before')" class="fill-none stroke-quiet" stroke-width="1" stroke-dasharray="3 3" />
    <line :x1="x(lesson.rate.low)" :x2="x(lesson.rate.high)" :y1="HIGH + 3" :y2="HIGH + 3" class="stroke-ink" stroke-width="4" />
    <circle :cx="x(lesson.rate.factor)" :cy="HIGH + 3" r="4" class="fill-sheet stroke-ink" stroke-width="1.5" />
    <text v-for="tick in TICKS" :key="tick" :x="x(tick)" :y="HIGH + 19" text-anchor="middle" class="fill-quiet text-[10px]">
      {{ tick }} ×
    </text>
  </svg>
</template>
