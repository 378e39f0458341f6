<script setup lang="ts">
import { computed } from 'vue'
import { gaugeOf, type Part, type Schemas } from '@/api/client'

const props = defineProps<{ rows: Schemas['GaugeRow'][]; part: Part }>()
const emit = defineEmits<{ choose: [gauge: number] }>()
const gauge = computed(() => gaugeOf(props.part))
const near = computed(() => {
  const thinnest = props.rows.filter((r) => r.carries).at(-1)?.gauge ?? 20
  return props.rows.filter((r) => Math.abs(r.gauge - thinnest) <= 4 || r.gauge === gauge.value)
})
</script>

<template>
  <table class="mt-1 w-full">
    <caption class="heading-small border-b border-line text-left">
      every gauge under one of these
    </caption>
    <thead>
      <tr class="text-right text-note text-quiet">
        <th class="text-left font-normal">gauge</th>
        <th class="font-normal">mm</th>
        <th class="font-normal">droop</th>
        <th class="font-normal">in a bump</th>
        <th />
      </tr>
    </thead>
    <tbody>
      <tr v-for="row in near" :key="row.gauge" class="text-right" :class="{ 'font-semibold': row.gauge === gauge }">
        <td class="text-left">
          <button type="button" class="text-accent hover:underline" :aria-pressed="row.gauge === gauge" @click="emit('choose', row.gauge)">
            {{ row.gauge }} ga
          </button>
        </td>
        <td>{{ row.diameterMm.toFixed(2) }}</td>
        <td>{{ row.droopDeg.toFixed(1) }}°</td>
        <td>{{ row.stressMpa.toFixed(0) }} MPa</td>
        <td class="w-16">{{ row.carries ? '● carries' : '■ too thin' }}</td>
      </tr>
    </tbody>
  </table>
</template>
