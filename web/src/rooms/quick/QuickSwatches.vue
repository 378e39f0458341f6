<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '@/api/client'

/** The ladder by both rules, one row each; under each swatch its grams of strong colour and of white. */
const props = defineProps<{ swatches: Schemas['Swatch'][] }>()
const ladders = computed(() => [...new Set(props.swatches.map((s) => s.ladder))])
</script>

<template>
  <div v-for="ladder in ladders" :key="ladder" class="mt-1.5">
    <p class="text-note text-quiet">{{ ladder }}: g of strong colour + g of white</p>
    <ol class="flex">
      <li v-for="(swatch, i) in swatches.filter((s) => s.ladder === ladder)" :key="i" class="min-w-0 flex-1">
        <span class="block h-7 border-y border-line" :class="i === 0 ? 'border-l' : ''" :style="{ background: swatch.colour }" />
        <span class="block text-note leading-4 whitespace-nowrap"
          >{{ swatch.strongG.toFixed(1) }}+{{ swatch.whiteG.toFixed(1) }}{{ swatch.alike ? ' ◆' : '' }}</span
        >
      </li>
    </ol>
  </div>
</template>
