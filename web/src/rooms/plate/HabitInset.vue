<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '@/api/client'
import { sidePicture } from '@/parts/tintPicture'

/** The whole stem from the side at a small scale: every further head in the size and at the angle that was computed. */
const props = defineProps<{ habit: Schemas['Habit']; lit: boolean }>()
const emit = defineEmits<{ press: [] }>()
const MARGIN_MM = 6

const pictures = computed(() => props.habit.pictures.map((p) => ({ ...p, href: sidePicture(p) })))
const heads = computed(() =>
  props.habit.heads.map((h) => ({
    ...h,
    x: h.sideMm,
    y: -h.neckMm,
    picture: pictures.value[h.opening]!,
  })),
)
const box = computed(() => {
  const xs = heads.value.flatMap((h) => [h.x - h.widthMm / 2 - h.deepMm, h.x + h.widthMm / 2 + h.deepMm])
  xs.push(...props.habit.joints.flatMap((j) => j.points.filter((_, i) => i % 2 === 0)))
  const top = Math.max(props.habit.stemMm, ...heads.value.map((h) => h.neckMm + Math.max(h.deepMm, h.widthMm / 2)))
  const left = Math.min(...xs) - MARGIN_MM
  return { x: left, y: -top - MARGIN_MM, width: Math.max(...xs) + MARGIN_MM - left, height: top + 2 * MARGIN_MM }
})
/** What stands at a joint: to the right of the stem and height above its end in turn. */
const pointsOf = (points: number[]) => points.map((p, i) => (i % 2 ? -p : p)).join(' ')
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
      <polyline
        v-for="(joint, i) in habit.joints"
        :key="`j${i}`"
        :points="pointsOf(joint.points)"
        fill="none"
        :stroke-width="Math.max(hairline, joint.widthMm)"
      />
      <g v-for="(h, i) in heads" :key="i">
        <line x1="0" :y1="-h.jointMm" :x2="h.x" :y2="h.y" />
        <image
          :href="h.picture.href"
          :x="h.picture.leftMm"
          :y="h.picture.topMm"
          :width="h.picture.columns * h.picture.cellMm"
          :height="h.picture.rows * h.picture.cellMm"
          :transform="`translate(${h.x} ${h.y}) rotate(${h.angleDeg})`"
        />
      </g>
    </g>
  </svg>
</template>
