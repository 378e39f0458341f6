<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, onMounted, ref, watch } from 'vue'
import { RouterLink } from 'vue-router'
import { answered, api, type Schemas } from '@/api/client'
import published from '@formats/tariff.schema.json'
import { useJob } from '@/kept/useJob'
import { definition, publish } from '@/parts/fields/schema'
import SchemaFields from '@/parts/fields/SchemaFields.vue'
import JobNote from '@/parts/JobNote.vue'
import ProblemNote from '@/parts/ProblemNote.vue'
import { useTariff } from '@/parts/useTariff'
import { readable } from '../order/dates'

/** What an order costs, as it adds up, and what other choices would cost. */
publish(published)
const props = defineProps<{ id: string }>()
const path = { params: { path: { id: props.id } } }
const store = useTariff()
const order = useQuery({ queryKey: ['order', props.id], queryFn: () => answered(api.GET('/api/orders/{id}', path)) })
const agreed = useQuery({ queryKey: ['agreed', props.id], queryFn: () => answered(api.GET('/api/orders/{id}/agreed', path)) })
const price = useJob<Schemas['PriceSheet']>(() => answered(api.POST('/api/orders/{id}/price', path)))
onMounted(async () => {
  await store.load().catch(() => undefined)
  await price.run()
})
const change = (at: string, value: unknown) => store.tariff && store.set({ ...store.tariff, [at.slice(1)]: value })
watch(
  () => store.state,
  (state, before) => state === 'kept' && before === 'keeping' && void price.run(),
)

const money = (amount: number) => `${amount.toFixed(2)}${store.tariff?.money ? ` ${store.tariff.money}` : ''}`
const SORTS = [
  { sort: 'material', label: 'materials, by the drawer’s prices' },
  { sort: 'hours', label: 'working hours' },
  { sort: 'overhead', label: '' },
  { sort: 'profit', label: '' },
  { sort: 'rush', label: '' },
]
/** What was promised stands, as long as it is of the flowers that are ordered; else what it would be now. */
const promised = computed(() => (agreed.data.value?.holds ? agreed.data.value.agreed : undefined))
const shown = computed(() => promised.value?.price ?? price.result.value)
const same = computed(() => Math.abs((price.result.value?.total ?? 0) - (promised.value?.price.total ?? 0)) < 0.005)
const groups = computed(() =>
  SORTS.map((s) => ({ ...s, lines: shown.value?.lines.filter((l) => l.sort === s.sort) ?? [] }))
    .filter((g) => g.lines.length)
    .map((g) => ({ ...g, sum: g.lines.reduce((all, l) => all + l.amount, 0) })),
)
const quote = `/api/orders/${props.id}/quote.pdf`
const sure = ref(false)
/** So many things without a price are named beside the sum; all of them stand under it. */
const NAMED = 3
/** What the sum lacks, in words; empty where it lacks nothing. */
const lacking = computed(() => {
  const unpriced = shown.value?.unpriced ?? []
  const named = unpriced.length > NAMED ? `${unpriced.length} materials` : unpriced.join(', ')
  const materials = unpriced.length > 0 ? `without ${named} (no price)` : ''
  const currency = store.tariff && !store.tariff.money ? 'without a currency' : ''
  return [materials, currency].filter(Boolean).join(' and ')
})
const more = (b: Schemas['Beside']) => b.total - (shown.value?.total ?? 0)
</script>

<template>
  <div class="mx-auto grid max-w-6xl grid-cols-1 gap-8 px-6 py-4 lg:grid-cols-[minmax(0,1fr)_330px]">
    <section aria-label="The price" class="min-w-0">
      <div class="flex flex-wrap items-baseline gap-x-4 border-b border-line pb-2">
        <h1 class="text-title">{{ order.data.value?.order.name ?? 'Price' }}</h1>
        <p v-if="order.data.value" class="flex-1 text-quiet">hand-over {{ readable(order.data.value.order.handOver) }}</p>
        <button v-if="lacking" type="button" class="act" data-quote @click="sure = !sure">Quote as PDF …</button>
        <a v-else class="act" :href="quote" target="_blank" data-quote>Quote as PDF</a>
        <RouterLink class="act-quiet" :to="`/orders/${id}`">The order</RouterLink>
      </div>
      <p v-if="lacking && sure" role="alert" class="mt-2 flex flex-wrap items-center gap-3 border border-ink bg-sheet p-3" data-sure>
        <span class="min-w-0 flex-1"
          >◆ The quote would be {{ lacking }}. Prices are given in the drawer, a currency under <em>What the studio asks</em>; or make it as
          it is.</span
        >
        <a class="act" :href="`${quote}?asItIs=true`" target="_blank">Make it as it is</a>
      </p>
      <ProblemNote v-if="order.error.value ?? price.fault.value" :error="(order.error.value ?? price.fault.value) as Error" class="mt-2" />
      <JobNote v-if="price.job.value && price.busy.value" :job="price.job.value" class="mt-2" @stop="price.stop" />
      <p v-else-if="price.busy.value" role="status" class="mt-4 text-quiet">Adding it up …</p>
      <p v-if="promised && price.result.value" class="mt-3 border-l-2 border-ink pl-3" data-agreed>
        Agreed {{ readable(promised.at) }}: it stays, whatever changes.
        <template v-if="same">Worked out today it would be the same.</template>
        <template v-else
          >Worked out today it would be <strong>{{ money(price.result.value.total) }}</strong>, for
          {{ price.result.value.hours.toFixed(1) }} h of working time instead of {{ promised.price.hours.toFixed(1) }} h.</template
        >
      </p>
      <p v-else-if="agreed.data.value?.agreed && !promised" class="mt-3 border-l-2 border-ink pl-3" data-agreed>
        ◆ {{ money(agreed.data.value.agreed.price.total) }} was agreed {{ readable(agreed.data.value.agreed.at) }} for other flowers than
        are ordered now. Open the order and accept it again to agree anew.
      </p>
      <template v-if="shown">
        <p class="mt-3 flex flex-wrap gap-x-8 text-lead" data-price>
          <span
            ><strong>{{ money(shown.total) }}</strong> in all{{ lacking ? `, ${lacking}` : '' }}</span
          >
          <span
            ><strong>{{ money(shown.each) }}</strong> a flower</span
          >
          <span>{{ money(shown.deposit) }} deposit, {{ money(shown.balance) }} at the hand-over</span>
        </p>
        <p class="mt-1 text-quiet">{{ shown.told }}</p>
        <table class="mt-3 w-full" aria-label="How it adds up">
          <tbody v-for="g in groups" :key="g.sort" class="border-t border-ink">
            <tr v-if="g.label">
              <th colspan="2" class="pt-1 text-left font-heading text-lead font-normal text-quiet italic">{{ g.label }}</th>
              <th class="pt-1 text-right font-medium">{{ money(g.sum) }}</th>
            </tr>
            <tr v-for="line in g.lines" :key="line.what">
              <td class="py-0.5">{{ $told(line.what) }}</td>
              <td class="text-note text-quiet">{{ $told(line.how) }}</td>
              <td class="text-right">{{ money(line.amount) }}</td>
            </tr>
          </tbody>
        </table>
        <p v-if="shown.unpriced.length" class="mt-2 text-note">
          ◆ Without a price in the drawer, and so not in it: {{ $told(shown.unpriced.join(', ')) }}.
        </p>
        <template v-if="shown.beside.length">
          <h2 class="mt-5 text-head">Other choices beside it</h2>
          <table class="mt-1 w-full" aria-label="Other choices">
            <thead>
              <tr class="text-left text-note text-quiet">
                <th class="font-normal">otherwise</th>
                <th class="text-right font-normal">in all</th>
                <th class="text-right font-normal">more or less</th>
                <th class="text-right font-normal">hours</th>
              </tr>
            </thead>
            <tbody>
              <tr class="border-t border-line">
                <td>as it is</td>
                <td class="text-right font-medium">{{ money(shown.total) }}</td>
                <td />
                <td class="text-right">{{ shown.hours.toFixed(1) }}</td>
              </tr>
              <tr v-for="b in shown.beside" :key="b.what" class="border-t border-line">
                <td>{{ b.what }}</td>
                <td class="text-right">{{ money(b.total) }}</td>
                <td class="text-right">{{ more(b) > 0 ? '+' : '' }}{{ more(b).toFixed(2) }}</td>
                <td class="text-right">{{ b.hours.toFixed(1) }}</td>
              </tr>
            </tbody>
          </table>
          <p class="text-note text-quiet">Their materials are taken to go by the mass of paste.</p>
        </template>
      </template>
    </section>
    <aside aria-label="The studio’s tariff">
      <h2 class="text-head">What the studio asks</h2>
      <SchemaFields
        v-if="store.tariff"
        class="mt-2"
        :node="definition('Tariff')"
        :value="store.tariff as unknown as Record<string, unknown>"
        path=""
        :style="{ '--columns': 2 }"
        @change="change"
      />
      <p v-if="store.fault" role="alert" class="mt-2">■ {{ store.fault }}</p>
      <p class="mt-3 flex gap-2">
        <button v-if="store.canUndo" type="button" class="act-quiet" @click="store.undo()">Undo</button
        ><button type="button" class="act" :disabled="price.busy.value" @click="price.run()">Recalculate</button>
      </p>
    </aside>
  </div>
</template>
