<script setup lang="ts">
import { computed, useId } from 'vue'
import type { Schemas } from '@/api/client'
import FacePiece from './FacePiece.vue'
import RampGradient from './RampGradient.vue'
import { tintPicture } from './tintPicture'
import { discPath, headPlaces, linePath, planPath, reachesRight, shadeKey } from './facePaths'

const props = defineProps<{
  face: Schemas['Face']
  tints: Record<string, string>
  selected?: string | null
  lit?: string | null
  hairline: number
  /** Whether only the right half is looked at: what lies wholly to the left is then not drawn. */
  rightHalf?: boolean
  /** Whether each piece throws a quiet shadow on what it lies on. */
  shadows?: boolean
}>()
/** How far a shadow falls to the right of what throws it, mm; and somewhat more downwards. */
const shade = computed(() => Math.min(MOST_SHADE_MM, props.face.radiusMm * SHADE_OF_RADIUS))
const MOST_SHADE_MM = 0.45
const SHADE_OF_RADIUS = 0.012
const id = useId()
const emit = defineEmits<{ point: [partId: string | null]; press: [partId: string, event: PointerEvent] }>()

const rings = computed(() =>
  props.face.rings.map((ring, n) => {
    const shown = (azimuth: number) => !props.rightHalf || reachesRight(ring.outline, azimuth)
    return {
      ...ring,
      d: planPath(ring.outline),
      veins: ring.veins.map(linePath).join(''),
      shape: `${id}-shape-${n}`,
      picture: ring.tint && tintPicture(ring.tint),
      azimuths: ring.azimuths.filter(shown),
      closings: ring.closings
        .filter((c) => shown(c.azimuth))
        .map((c) => ({ ...c, over: c.over.filter(shown) }))
        .filter((c) => c.over.length > 0),
    }
  }),
)
/** What fills the bodies that are coloured by zones. */
const ramps = computed<Record<string, string>>(() =>
  Object.fromEntries(props.face.ramps.map((ramp) => [ramp.partId, `url(#${id}-ramp-${ramp.partId})`])),
)
const under = computed(() => rings.value.filter((r) => r.lap === 'under'))
const over = computed(() => rings.value.filter((r) => r.lap === 'over'))

function stroke(partId: string) {
  return partId === props.selected || partId === props.lit ? 'var(--color-accent)' : 'var(--color-ink)'
}

function width(partId: string) {
  return partId === props.selected || partId === props.lit ? props.hairline * 2.4 : props.hairline
}
</script>

<template>
  <g stroke-linejoin="round" @pointerleave="emit('point', null)">
    <template v-for="(layer, i) in [under, over]" :key="i">
      <g
        v-for="(ring, n) in layer"
        :key="`${ring.partId}-${ring.lap}-${ring.shade ?? ''}-${n}`"
        :data-part="ring.partId"
        :fill="tints[ring.shade ? shadeKey(ring.shade) : ring.partId]"
        :stroke="stroke(ring.partId)"
        :stroke-width="width(ring.partId)"
        @pointerenter="emit('point', ring.partId)"
        @pointerdown="emit('press', ring.partId, $event)"
      >
        <template v-for="(azimuth, k) in ring.azimuths" :key="k">
          <path
            v-if="shadows"
            :d="ring.d"
            :transform="`translate(${shade} ${shade * 1.6}) rotate(${azimuth})`"
            fill="var(--color-ink)"
            fill-opacity="0.13"
            stroke="none"
            pointer-events="none"
          />
          <FacePiece :ring="ring" :transform="`rotate(${azimuth})`" />
        </template>
        <clipPath v-if="ring.picture || ring.veins" :id="ring.shape"><path :d="ring.d" /></clipPath>
        <g v-for="(closing, k) in ring.closings" :key="`c${k}`">
          <clipPath :id="`${id}-${ring.partId}-${ring.lap}-${k}`">
            <path v-for="azimuth in closing.over" :key="azimuth" :d="ring.d" :transform="`rotate(${azimuth})`" />
          </clipPath>
          <g :clip-path="`url(#${id}-${ring.partId}-${ring.lap}-${k})`"
            ><FacePiece :ring="ring" :transform="`rotate(${closing.azimuth})`"
          /></g>
        </g>
      </g>
      <template v-if="i === 0">
        <RampGradient v-for="ramp in face.ramps" :id="`${id}-ramp-${ramp.partId}`" :key="ramp.partId" :ramp="ramp" outwards />
        <path
          v-for="(disc, k) in face.discs"
          :key="`d${k}`"
          :data-part="disc.partId"
          :d="discPath(disc)"
          fill-rule="evenodd"
          :fill="ramps[disc.partId] ?? tints[disc.partId]"
          :stroke="stroke(disc.partId)"
          :stroke-width="width(disc.partId)"
          @pointerenter="emit('point', disc.partId)"
          @pointerdown="emit('press', disc.partId, $event)"
        />
        <path
          v-for="(line, k) in face.strokes"
          :key="`s${k}`"
          :d="linePath(line.points)"
          fill="none"
          stroke-linecap="round"
          :stroke="stroke(line.partId)"
          :stroke-width="Math.max(hairline, Math.min(line.widthMm, hairline * 2.5))"
          pointer-events="none"
        />
        <g
          v-for="(heads, k) in face.heads"
          :key="`h${k}`"
          :data-part="heads.partId"
          :fill="ramps[heads.partId] ?? tints[heads.partId]"
          :stroke="stroke(heads.partId)"
          :stroke-width="width(heads.partId) * 0.7"
          @pointerenter="emit('point', heads.partId)"
          @pointerdown="emit('press', heads.partId, $event)"
        >
          <circle v-for="(place, j) in headPlaces(heads)" :key="j" :cx="place.x" :cy="place.y" :r="heads.wideMm / 2" />
        </g>
      </template>
    </template>
  </g>
</template>
