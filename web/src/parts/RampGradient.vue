<script setup lang="ts">
import type { Schemas } from '@/api/client'

/** The colours of bodies that are coloured by zones: outwards from the axis, or upwards from the neck. */
defineProps<{ ramp: Schemas['Ramp']; outwards?: boolean }>()
const at = (ramp: Schemas['Ramp'], i: number) => i / (ramp.colours.length - 1)
</script>

<template>
  <radialGradient v-if="outwards" gradientUnits="userSpaceOnUse" cx="0" cy="0" :r="ramp.toMm">
    <stop v-for="(colour, i) in ramp.colours" :key="i" :offset="at(ramp, i)" :stop-color="colour" />
  </radialGradient>
  <linearGradient v-else gradientUnits="userSpaceOnUse" x1="0" x2="0" :y1="-ramp.fromMm" :y2="-ramp.toMm">
    <stop v-for="(colour, i) in ramp.colours" :key="i" :offset="at(ramp, i)" :stop-color="colour" />
  </linearGradient>
</template>
