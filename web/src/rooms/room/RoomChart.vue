<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Schemas } from '@/api/client'
import { day as dayName } from '../order/dates'
import { days, heightOf, lines, scale } from './course'

/** Temperature, humidity and how fast things dry, hour by hour: measured as a full line, expected as a broken one. */
const props = defineProps<{ hours: Schemas['RoomHour'][]; now: string }>()
const WIDE = 900
const BANDS = [
  { name: 'temperature', unit: '°C', of: (h: Schemas['RoomHour']) => h.temperatureC, step: 5 },
  { name: 'humidity', unit: '%', of: (h: Schemas['RoomHour']) => h.humidityPct, step: 20 },
  { name: 'drying, over the room as set', unit: '×', of: (h: Schemas['RoomHour']) => h.dries, step: 0.5 },
] as const
const HIGH = 120
const GAP = 34
const FIRST = 48

const x = (i: number) => (WIDE * i) / Math.max(1, props.hours.length - 1)
const bands = computed(() =>
  BANDS.map((band, k) => {
    const frame = { width: WIDE, top: FIRST + k * (HIGH + GAP), height: HIGH, ...scale(props.hours.map(band.of), band.step) }
    return { ...band, ...frame, lines: lines(props.hours, band.of, frame), y: (v: number) => heightOf(v, frame) }
  }),
)
const starts = computed(() => days(props.hours))
const nowAt = computed(() => props.hours.findIndex((h) => h.at >= props.now))
const high = FIRST + BANDS.length * (HIGH + GAP)

const looked = ref<number>()
const seen = computed(() => (looked.value === undefined ? undefined : props.hours[looked.value]))
function look(event: PointerEvent) {
  const box = (event.currentTarget as Element).getBoundingClientRect()
  looked.value = Math.max(
    0,
    Math.min(props.hours.length - 1, Math.round(((event.clientX - box.left) / box.width) * (props.hours.length - 1))),
  )
}
function step(by: number) {
  looked.value = Math.max(0, Math.min(props.hours.length - 1, (looked.value ?? nowAt.value) + by))
}
</script>

<template>
  <div>
    <p class="h-6 text-quiet" aria-live="polite">
      <template v-if="seen"
        >{{ dayName(seen.at) }} {{ seen.at.slice(11, 16) }}: {{ seen.temperatureC.toFixed(1) }} °C · {{ Math.round(seen.humidityPct) }} % ·
        dries {{ seen.dries.toFixed(2) }} × · {{ seen.measured ? 'measured' : 'expected' }}</template
      >
      <template v-else>— measured &nbsp; ┄ expected</template>
    </p>
    <svg
      :viewBox="`0 0 ${WIDE} ${high}`"
      class="w-full"
      role="slider"
      tabindex="0"
      aria-label="The room hour by hour"
      :aria-valuemin="0"
      :aria-valuemax="hours.length - 1"
      :aria-valuenow="looked ?? nowAt"
      :aria-valuetext="
        seen ? `${dayName(seen.at)} ${seen.at.slice(11, 16)}: ${seen.temperatureC.toFixed(1)} °C, ${Math.round(seen.humidityPct)} %` : 'now'
      "
      data-chart
      @pointermove="look"
      @pointerleave="looked = undefined"
      @keydown.left.prevent="step($event.shiftKey ? -24 : -1)"
      @keydown.right.prevent="step($event.shiftKey ? 24 : 1)"
    >
      <g v-for="start in starts" :key="start.date">
        <line :x1="x(start.at)" :x2="x(start.at)" y1="20" :y2="high - 16" class="stroke-line" />
        <text v-if="x(start.at) < WIDE - 40" :x="x(start.at) + 3" y="14" class="fill-quiet text-note">
          {{ dayName(`${start.date}T12:00`).split(',')[0]!.slice(0, 3) }} {{ Number(start.date.slice(8)) }}
        </text>
      </g>
      <g v-for="band in bands" :key="band.name">
        <path
          v-for="(line, i) in band.lines"
          :key="i"
          :d="line.d"
          fill="none"
          class="stroke-ink"
          :stroke-width="line.measured ? 1.8 : 1.2"
          :stroke-dasharray="line.measured ? undefined : '4 3'"
        />
        <text x="2" :y="band.top - 6" class="fill-ink stroke-ground text-note [paint-order:stroke]" stroke-width="4">{{ band.name }}</text>
        <g v-for="mark in band.marks" :key="mark">
          <line x1="0" :x2="WIDE" :y1="band.y(mark)" :y2="band.y(mark)" class="stroke-line" stroke-dasharray="1 5" />
          <text
            :x="WIDE - 2"
            :y="band.y(mark) - 2"
            text-anchor="end"
            class="fill-quiet stroke-ground text-note [paint-order:stroke]"
            stroke-width="4"
          >
            {{ mark }} {{ band.unit }}
          </text>
        </g>
      </g>
      <line :x1="x(nowAt)" :x2="x(nowAt)" y1="18" :y2="high - 16" class="stroke-accent" stroke-width="2" />
      <text :x="x(nowAt) + 4" :y="high - 4" class="fill-accent text-note">now</text>
      <line v-if="looked !== undefined" :x1="x(looked)" :x2="x(looked)" y1="20" :y2="high - 16" class="stroke-quiet" />
    </svg>
  </div>
</template>
