<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { answered, api, type Schemas } from '@/api/client'
import { useJob } from '@/kept/useJob'
import { field } from '@/parts/fields/schema'
import SchemaNumber from '@/parts/fields/SchemaNumber.vue'
import JobNote from '@/parts/JobNote.vue'
import ProblemNote from '@/parts/ProblemNote.vue'
import { useTariff } from '@/parts/useTariff'
import { readable } from './dates'

/** What other counts would make of an order, beside what it is: hours, days and their odds, evenings and price, before anything is changed. */
const props = defineProps<{ id: string; lines: Schemas['OrderLine'][]; nameOf: (id: string) => string; changeable: boolean }>()
const emit = defineEmits<{ take: [flowers: number[]] }>()
const tariff = useTariff()
const flowers = ref<number[]>([])
watch(
  () => props.lines,
  (lines) => (flowers.value = lines.map((l) => l.flowers)),
  { immediate: true },
)
const other = computed(() => flowers.value.some((n, i) => n !== props.lines[i]?.flowers))
const trial = useJob<Schemas['CountsBeside']>(() =>
  answered(api.POST('/api/orders/{id}/counts', { params: { path: { id: props.id } }, body: { flowers: flowers.value } })),
)
const tried = computed(() => {
  const beside = trial.result.value
  return beside &&
    beside.then.flowers.join() === flowers.value.join() &&
    beside.now.flowers.join() === props.lines.map((l) => l.flowers).join()
    ? beside
    : undefined
})
async function tryThem() {
  if (!tariff.tariff) await tariff.load().catch(() => undefined)
  await trial.run()
}
const money = (amount: number) => `${amount.toFixed(2)}${tariff.tariff?.money ? ` ${tariff.tariff.money}` : ''}`
const hours = (h: number) => `${h.toFixed(1)} h`
const rows: { label: string; of: (c: Schemas['Counted']) => string }[] = [
  { label: 'working hours', of: (c) => hours(c.hours) },
  { label: 'begins', of: (c) => (c.begins ? readable(c.begins) : `■ no plan: ${c.limit ?? ''}`) },
  { label: 'ready in time', of: (c) => (c.inHundred === undefined ? '' : `${c.inHundred} in 100`) },
  { label: 'in evenings', of: (c) => hours(c.eveningH) },
  { label: 'evenings cost', of: (c) => money(c.evenings) },
  { label: 'price in all', of: (c) => money(c.total) },
]
</script>

<template>
  <details class="border border-line bg-sheet p-3" data-counts>
    <summary class="cursor-pointer font-medium">What other counts would make of it</summary>
    <form class="mt-2 flex flex-wrap items-end gap-3" @submit.prevent="tryThem">
      <SchemaNumber
        v-for="(line, i) in lines"
        :key="line.id"
        class="w-52"
        :node="field('OrderLine', 'flowers')"
        :label="`${nameOf(line.speciesId)}, tried`"
        :value="flowers[i] ?? line.flowers"
        @change="(n: number) => (flowers = flowers.map((f, k) => (k === i ? n : f)))"
      />
      <button type="submit" class="act" :disabled="!other || trial.busy.value">Try them</button>
    </form>
    <JobNote v-if="trial.job.value && trial.busy.value" :job="trial.job.value" class="mt-2" @stop="trial.stop" />
    <ProblemNote v-if="trial.fault.value" :error="trial.fault.value as Error" class="mt-2" />
    <template v-if="tried">
      <table class="mt-2 w-full" aria-label="Counts beside each other">
        <thead>
          <tr class="text-left text-note text-quiet">
            <th class="font-normal" />
            <th class="font-normal">as it is</th>
            <th class="font-normal">with those</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="row in rows" :key="row.label" class="border-t border-line align-top">
            <th class="py-0.5 text-left font-normal text-quiet" scope="row">{{ row.label }}</th>
            <td>{{ row.of(tried.now) }}</td>
            <td class="font-medium">{{ row.of(tried.then) }}</td>
          </tr>
        </tbody>
      </table>
      <p v-if="changeable" class="mt-2"><button type="button" class="act" @click="emit('take', flowers)">Take these counts</button></p>
    </template>
  </details>
</template>
