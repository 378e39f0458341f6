<script setup lang="ts">
import type { Schemas } from '@/api/client'
import FaceDrawing from './FaceDrawing.vue'
import { tintsDrawn } from './tints'

/** A small face in a square frame: as large as it is, or at a scale that it shares with others. */
const props = defineProps<{ drawn: Pick<Schemas['Drawn'], 'tints' | 'shades' | 'face'>; name: string; lines: number; reachMm?: number }>()
const AROUND = 1.12
const reach = () => props.reachMm ?? props.drawn.face.radiusMm * AROUND
</script>

<template>
  <svg
    class="aspect-square border border-line bg-sheet"
    :viewBox="`${-reach()} ${-reach()} ${2 * reach()} ${2 * reach()}`"
    role="img"
    :aria-label="`Face of ${name}`"
  >
    <FaceDrawing :face="drawn.face" :tints="tintsDrawn(drawn)" :hairline="reach() / lines" />
  </svg>
</template>
