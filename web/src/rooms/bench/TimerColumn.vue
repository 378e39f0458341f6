<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '@/api/client'
import { day, time } from '../order/dates'
import { clockOf, type Timer } from './underway'

/** What is waited for, the nearest to its end first and largest. */
const props = defineProps<{ timers: Timer[]; now: number }>()
const emit = defineEmits<{ looked: [uid: string, touch: Schemas['BenchEvent']['touch']] }>()

const SHOWN = 7
const shown = computed(() => props.timers.slice(0, SHOWN))
const late = (t: Timer) => t.closes !== undefined && props.now > t.closes
const due = (t: Timer) => props.now >= t.due
const share = (t: Timer) => Math.min(1, Math.max(0, (props.now - t.from) / Math.max(1, t.due - t.from)))
const at = (ms: number) => time(new Date(ms).toISOString())
const sameDay = (ms: number) => day(new Date(ms).toISOString()) === day(new Date(props.now).toISOString())
const weekday = (ms: number) => (sameDay(ms) ? '' : `${day(new Date(ms).toISOString()).slice(0, 3)} `)
</script>

<template>
  <ul aria-label="Timers" class="space-y-2">
    <li
      v-for="(t, i) in shown"
      :key="t.key"
      class="border p-2"
      :class="late(t) ? 'border-ink bg-ink text-sheet' : due(t) ? 'border-accent bg-accent text-sheet' : 'border-line bg-sheet'"
      data-timer
      :data-due="due(t)"
    >
      <p class="text-lead leading-tight font-medium">{{ t.name }}</p>
      <p class="text-body leading-tight">{{ t.what }}</p>
      <p v-if="late(t)" class="text-lead font-medium">■ too late since {{ at(t.closes!) }}</p>
      <p v-else-if="due(t)" class="text-lead font-medium">
        ● {{ t.finds ? 'now' : 'over' }}<template v-if="t.closes"> · {{ clockOf(t.closes - now) }} left</template>
      </p>
      <p v-else :class="i === 0 ? 'text-arm leading-none' : 'text-head'" class="tabular-nums">{{ clockOf(t.due - now) }}</p>
      <p v-if="!due(t)" class="text-note">until {{ weekday(t.due) }}{{ at(t.due) }}</p>
      <span v-if="!due(t)" class="mt-1 block h-1.5 bg-line"
        ><span class="block h-full bg-quiet" :style="{ width: `${100 * share(t)}%` }"
      /></span>
      <p v-if="t.finds" class="mt-1 flex gap-2">
        <button type="button" class="min-h-11 flex-1 border border-current" @click="emit('looked', t.uid, t.finds.no)">
          {{ t.finds.noLabel }}
        </button>
        <button type="button" class="min-h-11 flex-1 border border-current" @click="emit('looked', t.uid, t.finds.yes)">
          {{ t.finds.yesLabel }}
        </button>
      </p>
    </li>
    <li v-if="timers.length === 0" class="text-quiet">Nothing is waited for.</li>
    <li v-if="timers.length > SHOWN" class="text-quiet">and {{ timers.length - SHOWN }} more, later</li>
  </ul>
</template>
