<script setup lang="ts">
import { useMutation, useQuery } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { RouterLink, useRoute, useRouter } from 'vue-router'
import { answered, api, type Schemas } from '@/api/client'
import ProblemNote from '@/parts/ProblemNote.vue'
import { day, readable } from './dates'
import { newOrder } from './newOrder'

const router = useRouter()
const name = ref('')
const orders = useQuery({ queryKey: ['orders'], queryFn: () => answered(api.GET('/api/orders')) })

const bench = useQuery({ queryKey: ['bench'], queryFn: () => answered(api.GET('/api/bench')) })
const begun = computed(() => new Map((bench.data.value ?? []).map((b) => [b.orderId, b.begun])))

const days = useQuery({ queryKey: ['days'], queryFn: () => answered(api.GET('/api/days')) })
const planned = computed(() => new Map((days.data.value ?? []).map((d) => [d.orderId, d])))

/** When its work begins, how many days are free until then, and what of it falls into evenings. */
function glanceOf(order: Schemas['OrderCard']) {
  const plan = planned.value.get(order.id)
  if (!plan || order.delivered) return ''
  if (!plan.begins) return '■ no plan'
  const free = plan.freeDays === 0 ? '' : ` · ${plan.freeDays} ${plan.freeDays === 1 ? 'day' : 'days'} free`
  const evenings = plan.eveningMin > 0 ? ` · ${(plan.eveningMin / 60).toFixed(1)} h in evenings` : ''
  return `begin ${day(plan.begins)}${free}${evenings}`
}

/** How far an order is: enquiry, accepted, on the bench, delivered, each with its date. */
function stateOf(order: Schemas['OrderCard']): string {
  if (order.delivered) return `● delivered ${day(order.delivered)}`
  const since = begun.value.get(order.id)
  if (since) return `◆ on the bench since ${day(since)}`
  return order.accepted ? `accepted ${day(order.accepted)}` : 'enquiry'
}

/** What was deleted can be had back for a while; what was deleted just now is offered first. */
const route = useRoute()
const deleted = useQuery({ queryKey: ['deleted'], queryFn: () => answered(api.GET('/api/orders/deleted')) })
const justNow = computed(() => deleted.data.value?.find((d) => d.id === route.query.deleted))
const haveBack = useMutation({
  mutationFn: (id: string) => answered(api.PUT('/api/orders/deleted/{id}/back', { params: { path: { id } } })),
  onSuccess: (back) => router.push(`/orders/${back.id}`),
})

const DAYS_AHEAD = 14
const add = useMutation({
  mutationFn: () => newOrder(name.value, DAYS_AHEAD),
  onSuccess: (made) => router.push(`/orders/${made.id}`),
})
</script>

<template>
  <div class="mx-auto max-w-4xl px-5 py-5">
    <div class="flex flex-wrap items-end gap-4 border-b border-line pb-4">
      <h1 class="flex-1 text-title">Orders</h1>
      <form class="flex items-end gap-2" @submit.prevent="add.mutate()">
        <label class="block">
          <span class="block text-note text-quiet">a new order</span>
          <input v-model="name" class="field h-9 w-52" placeholder="what for" maxlength="80" required />
        </label>
        <button class="act" type="submit">Add</button>
      </form>
    </div>
    <ProblemNote v-if="add.error.value ?? orders.error.value" :error="add.error.value ?? orders.error.value" class="mt-4" />
    <p v-if="justNow" role="status" class="mt-3 flex items-center gap-3 border border-line bg-sheet px-3 py-1" data-deleted>
      <span class="flex-1"
        >Deleted <em>{{ justNow.name }}</em>.</span
      >
      <button type="button" class="act-quiet" @click="haveBack.mutate(justNow.id)">Undo</button>
    </p>
    <ProblemNote v-if="haveBack.error.value" :error="haveBack.error.value" class="mt-4" />
    <p v-if="orders.data.value?.length === 0" class="mt-8 max-w-xl text-quiet">
      No orders yet. Write one down by what it is for; then say how many of which flower and for when, and it adds up the pieces, paste,
      wire and days.
    </p>
    <ul class="divide-y divide-line">
      <li v-for="order in orders.data.value" :key="order.id">
        <RouterLink :to="`/orders/${order.id}`" class="flex min-h-14 items-center gap-4 hover:bg-sheet">
          <span class="flex-1 font-heading text-head">{{ order.order.name }}</span>
          <span class="text-right text-quiet"
            ><span class="block" data-state>{{ stateOf(order) }}</span
            ><span v-if="glanceOf(order)" class="block text-note" data-glance>{{ glanceOf(order) }}</span></span
          >
          <span class="w-24 text-right text-quiet">{{ order.order.lines.reduce((sum, l) => sum + l.flowers, 0) }} flowers</span>
          <span class="w-52 text-right">{{ readable(order.order.handOver) }}</span>
        </RouterLink>
      </li>
    </ul>
    <details v-if="deleted.data.value?.length" class="mt-6">
      <summary class="cursor-pointer text-quiet">Deleted in the last 30 days: {{ deleted.data.value.length }}</summary>
      <ul class="divide-y divide-line">
        <li v-for="one in deleted.data.value" :key="one.id" class="flex items-center gap-4 py-1">
          <span class="flex-1">{{ one.name }}</span><span class="text-quiet">to be had back until {{ day(one.until) }}</span>
          <button type="button" class="act-quiet" :aria-label="`Have ${one.name} back`" @click="haveBack.mutate(one.id)">
            Have it back
          </button>
        </li>
      </ul>
    </details>
  </div>
</template>
