<script setup lang="ts">
import type { Schemas } from '@/api/client'

/** One piece of a ring, seen from above: its paste, what its passes of colour leave on it, its veins, its edge. */
defineProps<{ ring: { d: string; shape: string; veins: string; veinMm: number; picture?: string; tint?: Schemas['ColourGrid'] } }>()
</script>

<template>
  <g v-if="ring.picture || ring.veins">
    <path :d="ring.d" />
    <g :clip-path="`url(#${ring.shape})`" stroke="none">
      <image
        v-if="ring.tint && ring.picture"
        :href="ring.picture"
        :x="ring.tint.leftMm"
        :y="ring.tint.topMm"
        :width="ring.tint.columns * ring.tint.cellMm"
        :height="ring.tint.rows * ring.tint.cellMm"
        preserveAspectRatio="none"
        data-laid
      />
      <path
        v-if="ring.veins"
        :d="ring.veins"
        fill="none"
        stroke="var(--color-ink)"
        stroke-opacity="0.3"
        stroke-linecap="round"
        :stroke-width="ring.veinMm"
      />
    </g>
    <path :d="ring.d" fill="none" />
  </g>
  <path v-else :d="ring.d" />
</template>
