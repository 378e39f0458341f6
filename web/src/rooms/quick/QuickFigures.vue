<script setup lang="ts">
import type { Schemas } from '@/api/client'
import { written } from '@/measure/figures'
import { useLengths } from '@/measure/useLengths'
import WhyButton from '@/parts/WhyButton.vue'

/** The first figure is what was asked for; it stands large. */
const props = defineProps<{ figures: Schemas['Figure'][] }>()
const lengths = useLengths()
const shown = (f: Schemas['Figure']) => written(f.value, f.unit, lengths.unit)
const whyOf = (key: string) => () => props.figures.find((f) => f.key === key)!.why
</script>

<template>
  <dl class="mt-1 border-t border-ink">
    <div v-for="(figure, i) in figures" :key="figure.key" class="flex items-baseline gap-1 border-b border-line" :data-figure="figure.key">
      <dt class="min-w-0 flex-1 truncate">{{ $told(figure.label) }}</dt>
      <dd class="font-medium" :class="i === 0 ? 'text-head leading-7' : ''">
        <span data-value>{{ shown(figure).number }}</span> <span class="text-note font-normal text-quiet">{{ shown(figure).unit }}</span>
      </dd>
      <dd class="w-8 text-right"><WhyButton :why="whyOf(figure.key)" :about="figure.label" /></dd>
    </div>
  </dl>
</template>
