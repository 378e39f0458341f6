<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '@/api/client'

/** A drawing of a sheet, in millimetres; a label stands where its box has room for it. */
const props = defineProps<{ sketch: Schemas['Sketch'] }>()
const LETTERS_MM = 2.5
const LETTER_MM = 1.4
const HIGHEST = '14rem'
const path = computed(() => `M${props.sketch.shape.join(' ')}Z`)
const fits = (box: Schemas['Box'], label: string) => box.wideMm === 0 || label.length * LETTER_MM < box.wideMm - 1
</script>

<template>
  <figure class="my-2 break-inside-avoid">
    <svg
      :viewBox="`-0.5 -0.5 ${sketch.wideMm + 1} ${sketch.highMm + 1}`"
      class="block w-full"
      :style="sketch.laid.length ? { maxHeight: HIGHEST } : {}"
      preserveAspectRatio="xMinYMin meet"
      role="img"
      :aria-label="sketch.told || 'How they are cut'"
    >
      <path
        v-for="(at, i) in sketch.laid"
        :key="i"
        :d="path"
        :transform="`translate(${at.x} ${at.y}) rotate(${at.turnDeg})`"
        fill="#dcd8cf"
        stroke="#24211c"
        stroke-width="0.5"
      />
      <g v-for="(box, i) in sketch.boxes" :key="`box-${i}`">
        <rect
          v-if="box.wideMm > 0"
          :x="box.x"
          :y="box.y"
          :width="box.wideMm"
          :height="box.highMm"
          fill="none"
          stroke="#24211c"
          stroke-width="0.3"
          :stroke-dasharray="box.spare ? '1 1' : undefined"
        />
        <text
          v-if="box.label && fits(box, $told(box.label))"
          :x="box.wideMm > 0 ? box.x + box.wideMm / 2 : box.x"
          :y="box.y + box.highMm / 2"
          :font-size="LETTERS_MM"
          :text-anchor="box.wideMm > 0 ? 'middle' : 'start'"
          dominant-baseline="central"
        >
          {{ $told(box.label) }}
        </text>
      </g>
    </svg>
    <figcaption v-if="sketch.told" class="mt-1 text-note text-quiet">{{ $told(sketch.told) }}</figcaption>
  </figure>
</template>
