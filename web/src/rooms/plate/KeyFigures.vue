<script setup lang="ts">
import { computed } from 'vue'
import type { Figure } from '@/api/client'
import { written } from '@/measure/figures'
import { useLengths } from '@/measure/useLengths'

/** The few figures that a maker watches while changing a part; all of them stand below with their reasons. */
const props = defineProps<{ figures: Figure[] }>()
const lengths = useLengths()
const WATCHED = [
  'finishedLength',
  'finishedWidth',
  'gap',
  'overlap',
  'seenAbove',
  'pieceMass',
  'spacing',
  'bundle',
  'ball',
  'droop',
  'batch',
  'dry',
]
const SHOWN = 6
const watched = computed(() =>
  WATCHED.map((key) => props.figures.find((f) => f.key === key))
    .filter((f) => f !== undefined)
    .slice(0, SHOWN)
    .map((f) => ({ key: f.key, label: f.label, ...written(f.value, f.unit, lengths.unit) })),
)
</script>

<template>
  <dl class="mt-1 grid grid-cols-3 border-y border-line" aria-label="In short">
    <div v-for="f in watched" :key="f.key" class="flex flex-col-reverse py-0.5">
      <dt class="truncate text-note text-quiet" :title="f.label">{{ $told(f.label) }}</dt>
      <dd class="text-lead leading-5 font-medium">
        {{ f.number }}<span class="ml-1 text-note font-normal text-quiet">{{ f.unit }}</span>
      </dd>
    </div>
  </dl>
</template>
