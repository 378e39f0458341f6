<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, onMounted, ref } from 'vue'
import { RouterLink } from 'vue-router'
import { answered, api, type Schemas } from '@/api/client'
import { useJob } from '@/kept/useJob'
import JobNote from '@/parts/JobNote.vue'
import { useLengths } from '@/measure/useLengths'
import ProblemNote from '@/parts/ProblemNote.vue'
import { readable } from '../order/dates'
import OutlineSheet from './OutlineSheet.vue'
import SheetBlock from './SheetBlock.vue'
import UseUp from './UseUp.vue'

/** The sheets of an order: on the screen, on paper, and in open formats. */
const props = defineProps<{ id: string; sheet?: string }>()
const OUTLINES = 'outlines'
const paper = ref('A4')
const lengths = useLengths()
const inLengths = computed(() => (lengths.unit === 'in' ? 'IN' : 'MM'))
const shown = computed(() => props.sheet || 'cuts')
const path = { params: { path: { id: props.id } } }
const order = useQuery({ queryKey: ['order', props.id], queryFn: () => answered(api.GET('/api/orders/{id}', path)) })
const sheets = useJob<Schemas['PrintedSheet'][]>(() => answered(api.POST('/api/orders/{id}/sheets', path)))
const tabs = computed(() => [
  ...(sheets.result.value ?? []).map((s) => ({ kind: s.kind as string, label: s.label })),
  { kind: OUTLINES, label: 'Outlines' },
])
const chosen = computed(() => sheets.result.value?.find((s) => s.kind === shown.value))
onMounted(sheets.run)
const print = () => window.print()
</script>

<template>
  <div class="mx-auto max-w-5xl px-6 py-4">
    <nav aria-label="Sheets" class="not-printed flex flex-wrap items-end gap-x-5 border-b border-line">
      <RouterLink
        v-for="s in tabs"
        :key="s.kind"
        :to="`/orders/${id}/sheets/${s.kind}`"
        replace
        class="-mb-px border-b-2 py-1.5"
        :class="s.kind === shown ? 'border-accent font-medium' : 'border-transparent hover:border-line'"
        >{{ s.label }}</RouterLink
      >
      <RouterLink class="act-quiet ml-auto" :to="`/orders/${id}`">Back to the order</RouterLink>
    </nav>
    <p class="not-printed my-3 flex flex-wrap items-center gap-2">
      <button type="button" class="act" @click="print">Print</button>
      <label class="flex items-center gap-1.5 text-quiet"
        >on<select v-model="paper" class="field !w-auto">
          <option value="A4">A4</option>
          <option value="LETTER">Letter</option>
        </select></label
      >
      <template v-if="shown !== OUTLINES">
        <a class="act" :href="`/api/orders/${id}/sheets.pdf?sheets=${shown}&paper=${paper}&lengths=${inLengths}`" target="_blank"
          >This sheet as PDF</a
        >
        <a class="act" :href="`/api/orders/${id}/sheets.pdf?paper=${paper}&lengths=${inLengths}`" target="_blank">All sheets as PDF</a>
        <a class="act" :href="`/api/orders/${id}/sheets/${shown}.csv?lengths=${inLengths}`" :download="`${shown}.csv`">As CSV</a>
      </template>
      <template v-else>
        <a class="act" :href="`/api/orders/${id}/outlines.pdf?paper=${paper}&lengths=${inLengths}`" target="_blank">As PDF</a>
        <a class="act" :href="`/api/orders/${id}/outlines.svg?paper=${paper}&lengths=${inLengths}`" download="outlines.svg">As SVG</a>
      </template>
    </p>
    <ProblemNote v-if="order.error.value ?? sheets.fault.value" :error="order.error.value ?? sheets.fault.value" />
    <JobNote v-if="sheets.job.value" :job="sheets.job.value" class="not-printed" @stop="sheets.stop" />
    <p v-else-if="sheets.busy.value" role="status" class="mt-6 text-quiet">Nesting the cutters and cutting the wires …</p>
    <template v-if="order.data.value && sheets.result.value">
      <p class="text-quiet">{{ order.data.value.order.name }} · hand-over {{ readable(order.data.value.order.handOver) }}</p>
      <OutlineSheet v-if="shown === OUTLINES" :id="id" :paper="paper" />
      <article v-else-if="chosen">
        <h1 class="text-title">{{ chosen.title }}</h1>
        <SheetBlock v-for="(block, i) in chosen.blocks" :key="i" :block="block" />
        <UseUp v-if="chosen.kind === 'shopping'" :id="id" @changed="sheets.run" />
      </article>
    </template>
  </div>
</template>
