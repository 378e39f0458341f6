<script setup lang="ts">
import type { Schemas } from '@/api/client'

defineProps<{ rows: Schemas['GaugeRow'][] }>()
</script>

<template>
  <table class="mt-1 w-full text-note">
    <caption class="sr-only">
      every gauge under it
    </caption>
    <thead>
      <tr class="text-right text-note text-quiet">
        <th class="text-left font-normal">gauge</th>
        <th class="font-normal">droop</th>
        <th class="font-normal">in a bump</th>
        <th />
      </tr>
    </thead>
    <tbody>
      <tr v-for="row in rows" :key="row.gauge" class="h-[15px] text-right leading-[15px]">
        <td class="text-left">{{ row.gauge }}</td>
        <td>{{ row.droopDeg > 90 ? 'hangs' : `${row.droopDeg.toFixed(1)}°` }}</td>
        <td>{{ row.stressMpa.toFixed(0) }} MPa</td>
        <td class="w-5">
          {{ row.carries ? '●' : '■' }}<span class="sr-only">{{ row.carries ? 'carries' : 'too thin' }}</span>
        </td>
      </tr>
    </tbody>
  </table>
</template>
