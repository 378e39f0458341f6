<script setup lang="ts">
import type { Schemas } from '@/api/client'

/** A flower from above, one of its parts brought out. */
defineProps<{ picture: Schemas['FlowerDrawn'] }>()
const path = (shape: number[]) => `M${shape.join(' ')}Z`
</script>

<template>
  <figure class="my-2 w-44 break-inside-avoid">
    <svg
      :viewBox="`${-picture.radiusMm * 1.03} ${-picture.radiusMm * 1.03} ${picture.radiusMm * 2.06} ${picture.radiusMm * 2.06}`"
      class="block w-full"
      role="img"
      :aria-label="picture.told"
    >
      <g v-for="(shape, i) in picture.shapes" :key="i" stroke-linejoin="round">
        <path
          v-for="(turn, k) in shape.turnsDeg"
          :key="k"
          :d="path(shape.shape)"
          :transform="`rotate(${turn})`"
          :fill="shape.colour ?? 'none'"
          :stroke="shape.colour ? '#24211c' : '#b9b4a8'"
          :stroke-width="picture.radiusMm / (shape.colour ? 110 : 170)"
        />
      </g>
    </svg>
    <figcaption class="text-note text-quiet">{{ picture.told }}</figcaption>
  </figure>
</template>
