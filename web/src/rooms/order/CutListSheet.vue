<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { RouterLink } from 'vue-router'
import { answered, api } from '@/api/client'
import { writeLength } from '@/measure/lengths'
import { useLengths } from '@/measure/useLengths'
import ProblemNote from '@/parts/ProblemNote.vue'
import { readable } from './dates'

const props = defineProps<{ id: string }>()
const lengths = useLengths()
const path = { params: { path: { id: props.id } } }
const order = useQuery({ queryKey: ['order', props.id], queryFn: () => answered(api.GET('/api/orders/{id}', path)) })
const reckoning = useQuery({
  queryKey: ['order-reckoning', props.id],
  queryFn: () => answered(api.GET('/api/orders/{id}/reckoning', path)),
})
const print = () => window.print()
</script>

<template>
  <div class="mx-auto max-w-4xl px-6 py-5">
    <p class="not-printed mb-4 flex gap-2">
      <button type="button" class="act" @click="print">Print</button>
      <a class="act" :href="`/api/orders/${id}/cut-list.csv`" download="cut-list.csv">As CSV</a>
      <RouterLink class="act-quiet" :to="`/orders/${id}`">Back to the order</RouterLink>
    </p>
    <ProblemNote v-if="order.error.value ?? reckoning.error.value" :error="order.error.value ?? reckoning.error.value" />
    <template v-if="order.data.value && reckoning.data.value">
      <h1 class="text-[28px]">Cut list</h1>
      <p class="text-quiet">{{ order.data.value.order.name }} · hand-over {{ readable(order.data.value.order.handOver) }}</p>
      <p v-if="order.data.value.order.note" class="italic">{{ order.data.value.order.note }}</p>
      <table class="mt-4 w-full [&_td]:pr-3 [&_th]:pr-3" aria-label="Cut list">
        <thead>
          <tr class="border-b border-ink text-left text-[12px] text-quiet">
            <th class="font-normal">cut</th><th class="font-normal">shade</th>
            <th class="font-normal">from</th><th class="text-right font-normal">size, {{ lengths.unit }}</th><th class="text-right font-normal">roll, mm</th>
            <th class="text-right font-normal">for the flowers</th><th class="text-right font-normal">spares</th><th class="text-right font-normal">cut in all</th><th class="text-right font-normal">done</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="cut in reckoning.data.value.sheet.cuts" :key="cut.species + cut.part" class="border-b border-line">
            <td class="py-1">{{ cut.part }}<br /><span class="text-[12px] text-quiet italic">{{ cut.species }}</span></td>
            <td>{{ cut.shade }}</td>
            <td>{{ cut.from }}</td>
            <td class="text-right whitespace-nowrap">{{ writeLength(cut.lengthMm, lengths.unit) }} × {{ writeLength(cut.widthMm, lengths.unit) }}</td>
            <td class="text-right">{{ cut.rolledMm > 0 ? cut.rolledMm.toFixed(1) : '–' }}</td>
            <td class="text-right">{{ cut.needed }}</td>
            <td class="text-right">{{ cut.spares }}</td>
            <td class="text-right font-medium">{{ cut.needed + cut.spares }}</td>
            <td class="pl-4 text-right"><span class="inline-block size-4 border border-ink align-middle" /></td>
          </tr>
        </tbody>
      </table>
      <p class="mt-4 text-[13px]">
        ◆ Wires and stamens are not food: count them in, and count them out before serving. Follow your local food rules; where in
        doubt ask your local food authority or a qualified adviser.
      </p>
    </template>
  </div>
</template>
