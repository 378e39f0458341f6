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
import ColourSheet from './ColourSheet.vue'
import CutSheet from './CutSheet.vue'
import OutlineSheet from './OutlineSheet.vue'
import PasteSheet from './PasteSheet.vue'
import ServiceSheet from './ServiceSheet.vue'
import ShoppingSheet from './ShoppingSheet.vue'
import StemSheet from './StemSheet.vue'
import WireSheet from './WireSheet.vue'

/** The sheets of an order: on the screen, on paper, and in open formats. */
const props = defineProps<{ id: string; sheet?: string }>()
const SHEETS = [
  { key: 'cuts', label: 'Cut', view: CutSheet },
  { key: 'wires', label: 'Wires', view: WireSheet },
  { key: 'pastes', label: 'Paste and shades', view: PasteSheet },
  { key: 'colours', label: 'Colour', view: ColourSheet },
  { key: 'stems', label: 'Stems, tape, picks', view: StemSheet },
  { key: 'shopping', label: 'Shopping', view: ShoppingSheet },
  { key: 'service', label: 'Service card', view: ServiceSheet },
]
const OUTLINES = 'outlines'
const paper = ref('A4')
const lengths = useLengths()
const inLengths = computed(() => (lengths.unit === 'in' ? 'IN' : 'MM'))
const shown = computed(() => props.sheet || 'cuts')
const chosen = computed(() => SHEETS.find((s) => s.key === shown.value))
const path = { params: { path: { id: props.id } } }
const order = useQuery({ queryKey: ['order', props.id], queryFn: () => answered(api.GET('/api/orders/{id}', path)) })
const materials = useJob<Schemas['Materials']>(() => answered(api.POST('/api/orders/{id}/materials', path)))
onMounted(materials.run)
const print = () => window.print()
</script>

<template>
  <div class="mx-auto max-w-5xl px-6 py-4">
    <nav aria-label="Sheets" class="not-printed flex flex-wrap items-end gap-x-5 border-b border-line">
      <RouterLink
        v-for="s in [...SHEETS, { key: OUTLINES, label: 'Outlines' }]"
        :key="s.key"
        :to="`/orders/${id}/sheets/${s.key}`"
        replace
        class="-mb-px border-b-2 py-1.5"
        :class="s.key === shown ? 'border-accent font-medium' : 'border-transparent hover:border-line'"
      >{{ s.label }}</RouterLink>
      <RouterLink class="act-quiet ml-auto" :to="`/orders/${id}`">Back to the order</RouterLink>
    </nav>
    <p class="not-printed my-3 flex flex-wrap items-center gap-2">
      <button type="button" class="act" @click="print">Print</button>
      <label class="flex items-center gap-1.5 text-quiet">on<select v-model="paper" class="field !w-auto"><option value="A4">A4</option><option value="LETTER">Letter</option></select></label>
      <template v-if="chosen">
        <a class="act" :href="`/api/orders/${id}/sheets.pdf?sheets=${chosen.key.toUpperCase()}&paper=${paper}&lengths=${inLengths}`" target="_blank">This sheet as PDF</a>
        <a class="act" :href="`/api/orders/${id}/sheets.pdf?paper=${paper}&lengths=${inLengths}`" target="_blank">All sheets as PDF</a>
        <a v-if="chosen.key !== 'service'" class="act" :href="`/api/orders/${id}/lists/${chosen.key}.csv?lengths=${inLengths}`" :download="`${chosen.key}.csv`">As CSV</a>
      </template>
      <template v-else>
        <a class="act" :href="`/api/orders/${id}/outlines.pdf?paper=${paper}&lengths=${inLengths}`" target="_blank">As PDF</a>
        <a class="act" :href="`/api/orders/${id}/outlines.svg?paper=${paper}&lengths=${inLengths}`" download="outlines.svg">As SVG</a>
      </template>
    </p>
    <ProblemNote v-if="order.error.value ?? materials.fault.value" :error="order.error.value ?? materials.fault.value" />
    <JobNote v-if="materials.job.value" :job="materials.job.value" class="not-printed" @stop="materials.stop" />
    <p v-else-if="materials.busy.value" role="status" class="mt-6 text-quiet">Nesting the cutters and cutting the wires …</p>
    <template v-if="order.data.value && materials.result.value">
      <p class="text-quiet">{{ order.data.value.order.name }} · hand-over {{ readable(order.data.value.order.handOver) }}</p>
      <component :is="chosen.view" v-if="chosen" :id="id" :materials="materials.result.value" v-on="chosen.key === 'shopping' ? { changed: materials.run } : {}" />
      <OutlineSheet v-else :id="id" :paper="paper" />
    </template>
  </div>
</template>
