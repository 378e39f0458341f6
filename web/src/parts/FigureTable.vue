<script setup lang="ts">
import { computed } from 'vue'
import type { Figure, Schemas } from '@/api/client'
import { written } from '@/measure/figures'
import { useLengths } from '@/measure/useLengths'
import WhyButton from './WhyButton.vue'

/** Figures with their reasons, or with one that is fetched when it is asked for. */
const props = defineProps<{ figures: Figure[]; reason?: (key: string) => Promise<Schemas['Why']> }>()
const lengths = useLengths()

const HEADINGS: Record<Schemas['Group'], string> = {
  size: 'size',
  fit: 'fit',
  pieces: 'pieces',
  paste: 'paste',
  wire: 'wire',
  drying: 'drying',
  time: 'working time',
}

const asked = new Map<string, () => Schemas['Why'] | Promise<Schemas['Why']>>()

/** The reason of a figure as it is when it is asked for; always the same function for the same figure. */
function whyOf(key: string) {
  if (!asked.has(key)) asked.set(key, () => props.figures.find((f) => f.key === key)?.why ?? props.reason!(key))
  return asked.get(key)!
}

const groups = computed(() => {
  const found = new Map<Schemas['Group'], Figure[]>()
  for (const figure of props.figures) {
    found.set(figure.group, [...(found.get(figure.group) ?? []), figure])
  }
  return [...found.entries()]
})
</script>

<template>
  <table class="w-full">
    <tbody v-for="[group, rows] in groups" :key="group">
      <tr>
        <th colspan="3" scope="rowgroup" class="heading-small border-b border-line pt-2 text-left font-normal">
          {{ HEADINGS[group] }}
        </th>
      </tr>
      <tr v-for="figure in rows" :key="figure.key" :data-figure="figure.key" class="h-6">
        <th scope="row" class="text-left font-normal">{{ $told(figure.label) }}</th>
        <td class="text-right font-medium whitespace-nowrap">
          <span data-value>{{ written(figure.value, figure.unit, lengths.unit).number }}</span>
          <span class="ml-1 inline-block w-9 text-left font-normal text-quiet">{{
            written(figure.value, figure.unit, lengths.unit).unit
          }}</span>
        </td>
        <td class="w-9 text-right"><WhyButton :why="whyOf(figure.key)" :about="figure.label" /></td>
      </tr>
    </tbody>
  </table>
</template>
