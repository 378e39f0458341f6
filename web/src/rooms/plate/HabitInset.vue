<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '@/api/client'

/** The whole stem from the side at a small scale: every further head in the size and at the angle that was computed. */
const props = defineProps<{ habit: Schemas['Habit']; tint: string; lit: boolean }>()
const emit = defineEmits<{ press: [] }>()
const MARGIN_MM = 6

const heads = computed(() =>
  props.habit.heads.map((h) => ({
    ...h,
    x: h.sideMm,
    y: -h.neckMm,
    /** A head from the side: as wide as its face above the neck, narrow at it. */
    d: `M0 0C${-h.widthMm / 2} ${-h.deepMm * 0.3} ${-h.widthMm / 2} ${-h.deepMm} ${-h.widthMm / 2} ${-h.deepMm}L${h.widthMm / 2} ${-h.deepMm}C${h.widthMm / 2} ${-h.deepMm} ${h.widthMm / 2} ${-h.deepMm * 0.3} 0 0Z`,
  })),
)
const box = computed(() => {
  const xs = heads.value.flatMap((h) => [h.x - h.widthMm / 2 - h.deepMm, h.x + h.widthMm / 2 + h.deepMm])
  const top = Math.max(props.habit.stemMm, ...heads.value.map((h) => h.neckMm + Math.max(h.deepMm, h.widthMm / 2)))
  const left = Math.min(...xs) - MARGIN_MM
  return { x: left, y: -top - MARGIN_MM, width: Math.max(...xs) + MARGIN_MM - left, height: top + 2 * MARGIN_MM }
})
const hairline = computed(() => box.value.height / 260)
</script>

<template>
  <svg
    data-habit
    class="cursor-pointer"
    :viewBox="`${box.x} ${box.y} ${box.width} ${box.height}`"
    role="img"
    :aria-label="`The whole stem, ${habit.heads.length} heads`"
    @pointerdown="emit('press')"
  >
    <g :stroke="lit ? 'var(--color-accent)' : 'var(--color-ink)'" :stroke-width="hairline" stroke-linejoin="round" stroke-linecap="round">
      <line x1="0" y1="0" x2="0" :y2="-habit.stemMm" :stroke-width="hairline * 2.2" />
      <g v-for="(h, i) in heads" :key="i">
        <line x1="0" :y1="-h.jointMm" :x2="h.x" :y2="h.y" />
        <path :d="h.d" :fill="tint" :transform="`translate(${h.x} ${h.y}) rotate(${h.angleDeg})`" />
      </g>
    </g>
  </svg>
</template>
