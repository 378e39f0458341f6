<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '@/api/client'
import { writeLength } from '@/measure/lengths'
import { useLengths } from '@/measure/useLengths'

/** One petal of each ring as wide and long as it was measured, at one scale, with what it comes to in sugar. */
const props = defineProps<{ rings: Schemas['MeasuredPetals'][]; scale: number }>()
const lengths = useLengths()
const mm = (value: number) => writeLength(value, lengths.unit)
const longest = computed(() => Math.max(1, ...props.rings.map((r) => r.lengthMm)))
const box = (r: Schemas['MeasuredPetals']) => ({
  width: `${(70 * r.widthMm) / longest.value}px`,
  height: `${(70 * r.lengthMm) / longest.value}px`,
})
const shape = (r: Schemas['MeasuredPetals']) =>
  `50% 50% 45% 45% / ${100 * (1 - r.widest)}% ${100 * (1 - r.widest)}% ${100 * r.widest}% ${100 * r.widest}%`
</script>

<template>
  <ol>
    <li v-for="(ring, i) in rings" :key="i" class="flex items-center gap-4 border-t border-line py-2">
      <span class="flex h-[74px] w-[90px] items-center justify-center"
        ><span class="block border border-ink bg-sheet" :style="{ ...box(ring), borderRadius: shape(ring) }"
      /></span>
      <span>
        <strong>{{ ring.count }}</strong> × {{ mm(ring.lengthMm) }} × {{ mm(ring.widthMm) }} {{ lengths.unit }} measured<br />
        finished {{ mm(scale * ring.lengthMm) }} × {{ mm(scale * ring.widthMm) }} {{ lengths.unit }}
        <span v-if="ring.note" class="block text-note text-quiet italic">{{ $told(ring.note) }}</span>
      </span>
    </li>
  </ol>
</template>
