<script setup lang="ts">
import { computed } from 'vue'
import type { Reckoning, SpeciesDocument } from '@/api/client'
import FaceDrawing from '@/parts/FaceDrawing.vue'
import { tintsOf } from '@/parts/tints'

const props = defineProps<{ reckoning: Reckoning; document: SpeciesDocument; reach: number }>()
const tints = computed(() => tintsOf(props.document.parts, props.reckoning))
</script>

<template>
  <svg
    class="block max-h-[340px] w-full border border-line bg-sheet"
    :viewBox="`${-reach} ${-reach} ${2 * reach} ${2 * reach}`"
    role="img"
    :aria-label="`Face of ${document.name}`"
  >
    <FaceDrawing :face="reckoning.drawing.face" :tints="tints" :hairline="reach / 220" />
  </svg>
</template>
