<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '@/api/client'

/** The lattice on its strip, as the core laid it. */
const props = defineProps<{ nesting: Schemas['Nesting']; ring: number[][] }>()
const SHOWN_MM = 260

const path = computed(() => `M${props.ring.map(([x, y]) => `${x} ${y}`).join('L')}Z`)
const long = computed(() => Math.max(SHOWN_MM, 1.6 * props.nesting.pitchMm))
const places = computed(() => {
  const all = []
  for (let at = -1; at * props.nesting.pitchMm < long.value + props.nesting.stripMm; at++) {
    for (const piece of props.nesting.pattern) all.push({ ...piece, alongMm: piece.alongMm + at * props.nesting.pitchMm })
  }
  return all
})
</script>

<template>
  <svg
    :viewBox="`0 0 ${long} ${nesting.stripMm}`"
    class="block max-h-56 w-full border-y border-ink bg-sheet"
    role="img"
    aria-label="The cuts on the strip"
  >
    <path
      v-for="(piece, i) in places"
      :key="i"
      :d="path"
      :transform="`translate(${piece.alongMm} ${piece.acrossMm}) rotate(${piece.turnDeg})`"
      fill="#dcd8cf"
      stroke="#24211c"
      stroke-width="0.5"
    />
  </svg>
</template>
