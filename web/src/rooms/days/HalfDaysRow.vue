<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '@/api/client'
import { day as dayName, studioNow, weekday } from '../order/dates'
import { type Day, halvesOf } from './daysOf'

/** All days in one row, each as its two halves, filled by how long what is done in them takes: which are full, which are free. */
const props = defineProps<{ days: Day[]; time: Schemas['StudioTime']; handOver: string }>()
const emit = defineEmits<{ choose: [date: string] }>()
const HALF_DAY_MIN = 240
const HEIGHT = 34
const today = computed(() => studioNow().slice(0, 10))
const shown = computed(() =>
  props.days.map((d) => ({
    date: d.date,
    halves: halvesOf(d, props.time).map((h) => ({
      ...h,
      room: Math.min(HEIGHT, (h.thereMin / HALF_DAY_MIN) * HEIGHT),
      full: Math.min(HEIGHT, (h.takenMin / HALF_DAY_MIN) * HEIGHT),
      done: h.sittings.length > 0 && h.sittings.every((s) => s.done),
    })),
    dries: d.drying.length > 0,
  })),
)
const hours = (min: number) => `${(min / 60).toFixed(1)} h`
const said = (d: (typeof shown.value)[number]) =>
  `${dayName(`${d.date}T12:00`)}: ${d.halves
    .map((h) => `${h.name} ${h.takenMin ? `${hours(h.takenMin)} of ${hours(h.thereMin)}` : h.thereMin ? 'free' : 'no work'}`)
    .join(', ')}${d.date === today.value ? ', today' : ''}${d.date === props.handOver.slice(0, 10) ? ', hand-over' : ''}`
</script>

<template>
  <ol class="mt-2 flex flex-wrap gap-x-2 gap-y-3" aria-label="All days by how full they are" data-half-days>
    <li v-for="d in shown" :key="d.date">
      <button
        type="button"
        class="block w-16 px-1 text-left hover:bg-sheet"
        :aria-label="said(d)"
        :title="said(d)"
        @click="emit('choose', d.date)"
      >
        <span class="flex items-end gap-px border-b border-ink" :style="{ height: `${HEIGHT + 2}px` }">
          <span
            v-for="h in d.halves"
            :key="h.name"
            class="relative block flex-1 bg-sheet"
            :class="h.thereMin ? 'outline-1 -outline-offset-1 outline-line' : '!bg-transparent'"
            :style="{ height: `${Math.max(h.room, h.full)}px` }"
          >
            <span class="absolute inset-x-0 bottom-0 block" :class="h.done ? 'bg-line' : 'bg-quiet'" :style="{ height: `${h.full}px` }" />
          </span>
        </span>
        <span class="mt-0.5 block h-[3px]" :class="d.dries ? 'bg-quiet/40' : ''" />
        <span class="block text-note tabular-nums" :class="d.date === today ? 'font-semibold text-accent' : 'text-quiet'"
          >{{ weekday(d.date) }} {{ Number(d.date.slice(8)) }}<template v-if="d.date === handOver.slice(0, 10)"> ■</template></span
        >
      </button>
    </li>
  </ol>
</template>
