<script setup lang="ts">
import { useMutation, useQuery, useQueryClient } from '@tanstack/vue-query'
import { onMounted, ref, shallowRef } from 'vue'
import { RouterLink, useRouter } from 'vue-router'
import { answered, api, type Schemas } from '@/api/client'
import { ifMatch, versioned } from '@/kept/etags'
import { useJob } from '@/kept/useJob'
import { useKept } from '@/kept/useKept'
import orderSchema from '@formats/order.schema.json'
import { field, publish } from '@/parts/fields/schema'
import SchemaNumber from '@/parts/fields/SchemaNumber.vue'
import JobNote from '@/parts/JobNote.vue'
import ProblemNote from '@/parts/ProblemNote.vue'
import TextField from '@/parts/fields/TextField.vue'
import { readable } from './dates'
import FlowerLines from './FlowerLines.vue'
import MediaChoice from './MediaChoice.vue'
import OrderDays from './OrderDays.vue'
import OtherCounts from './OtherCounts.vue'
import OrderTotals from './OrderTotals.vue'

publish(orderSchema)
const props = defineProps<{ id: string }>()
const router = useRouter()
const queries = useQueryClient()

const species = useQuery({ queryKey: ['species'], queryFn: () => answered(api.GET('/api/species')) })
const path = { params: { path: { id: props.id } } }
const accepted = shallowRef<Schemas['AcceptedView']>()
const delivered = shallowRef<string>()
const loadFault = shallowRef<unknown>()

const keep = useKept<Schemas['Order']>({
  name: `order.${props.id}`,
  async read() {
    const { version, value } = await versioned(api.GET('/api/orders/{id}', path))
    accepted.value = value.accepted
    delivered.value = value.delivered
    return { version, value: value.order }
  },
  async write(order, version) {
    // Kept alive, so that a change made just before the page is left still arrives.
    const params = { path: { id: props.id }, header: ifMatch(version) }
    const now = await versioned(api.PUT('/api/orders/{id}', { params, body: order, keepalive: true }))
    told(now.value)
    return now.version
  },
  theirs: (document) => document as Schemas['Order'],
  afterMs: 150,
})
const order = keep.value

const reckoning = useJob<Schemas['OrderReckoning']>(() => answered(api.POST('/api/orders/{id}/reckoning', path)))

/** What the server keeps by now: all that rests on it is recalculated. */
function told(now: Schemas['OrderView']) {
  accepted.value = now.accepted
  delivered.value = now.delivered
  queries.setQueryData(['order', props.id], now)
  void queries.invalidateQueries({ queryKey: ['materials', props.id] })
  void reckoning.run()
}

onMounted(async () => {
  try {
    await keep.load()
    if (keep.state.value === 'kept') await reckoning.run()
  } catch (e) {
    loadFault.value = e
  }
})

const change = (changed: Partial<Schemas['Order']>) => order.value && keep.set({ ...order.value, ...changed }, Object.keys(changed).join())

/** Accepting, opening again and taking a change in are each kept at once. */
const deciding = shallowRef<unknown>()
async function decide(call: Promise<Schemas['OrderView']>) {
  deciding.value = undefined
  try {
    const now = await call
    keep.now(now.version)
    told(now)
  } catch (e) {
    deciding.value = e
  }
}
const accept = () => decide(answered(api.PUT('/api/orders/{id}/acceptance', path)))
const open = () => decide(answered(api.DELETE('/api/orders/{id}/acceptance', path)))
const deliver = () => decide(answered(api.PUT('/api/orders/{id}/delivery', path)))
const takeBack = () => decide(answered(api.DELETE('/api/orders/{id}/delivery', path)))

/** The same order again, to change its count and see what becomes of hours, days and price before anything is promised. */
async function copy() {
  if (!order.value) return
  deciding.value = undefined
  try {
    const name = `${order.value.name}, again`.slice(0, 80)
    const made = await answered(api.POST('/api/orders', { body: { ...order.value, name } }))
    await router.push(`/orders/${made.id}`)
  } catch (e) {
    deciding.value = e
  }
}
const takeIn = (speciesId: string) =>
  decide(answered(api.PUT('/api/orders/{id}/acceptance/{speciesId}', { params: { path: { id: props.id, speciesId } } })))

const stageFault = ref<unknown>()

/** Each flower of the order in another medium: a species of its own, unless the shelf has it already. */
async function makeOf(medium: Schemas['Medium'], label: string) {
  stageFault.value = undefined
  try {
    const lines = []
    for (const line of order.value!.lines) {
      const document = await answered(api.GET('/api/species/{id}/document', { params: { path: { id: line.speciesId } } }))
      const name = `${document.name.slice(0, 50)}, of ${label}`
      const there = species.data.value?.find((s) => s.name === name && !s.archived)?.id
      const speciesId =
        document.medium === medium
          ? line.speciesId
          : (there ?? (await answered(api.POST('/api/species', { body: { ...document, name, medium } }))).id)
      lines.push({ ...line, speciesId })
    }
    await species.refetch()
    change({ lines })
  } catch (e) {
    stageFault.value = e
  }
}

const nameOf = (id: string) => species.data.value?.find((s) => s.id === id)?.name ?? '…'
const remove = useMutation({
  mutationFn: () => answered(api.DELETE('/api/orders/{id}', { params: { path: { id: props.id } } })),
  onSuccess: () => router.push({ path: '/orders', query: { deleted: props.id } }),
})
</script>

<template>
  <div class="mx-auto grid max-w-6xl grid-cols-1 gap-8 px-5 py-5 lg:grid-cols-[300px_1fr]">
    <section v-if="order" aria-label="The order" class="space-y-3">
      <h1 class="text-title">{{ order.name }}</h1>
      <TextField label="what for" :value="order.name" :longest="80" @change="change({ name: $event })" />
      <TextField
        label="hand-over"
        type="datetime-local"
        :value="order.handOver.slice(0, 16)"
        @change="$event && change({ handOver: `${$event}:00` })"
      />
      <SchemaNumber
        :node="field('Order', 'spareTimeH')"
        label="time to spare"
        :value="order.spareTimeH"
        @change="change({ spareTimeH: $event })"
      />
      <SchemaNumber
        :node="field('Order', 'tierMm')"
        label="height of the lowest tier"
        :value="order.tierMm"
        @change="change({ tierMm: $event })"
      />
      <TextField label="note" :value="order.note" :longest="2000" @change="change({ note: $event })" />
      <FlowerLines :lines="order.lines" @change="change({ lines: $event })" />
      <ProblemNote v-if="stageFault" :error="stageFault" />
      <div v-if="accepted" class="border border-line bg-sheet p-3" data-accepted>
        <p>● Accepted {{ readable(accepted.at) }}. Its flowers, and how the studio makes them, stay as they were then.</p>
        <p v-for="one in accepted.changed" :key="one" class="mt-1 flex items-center gap-2">
          <span class="min-w-0 flex-1">◆ {{ nameOf(one) }} is otherwise on the shelf by now</span>
          <button type="button" class="act" :aria-label="`Take the change of ${nameOf(one)} in`" @click="takeIn(one)">
            Take the change in
          </button>
        </p>
        <p class="mt-2"><button type="button" class="act-quiet !px-0" @click="open">Open it again</button></p>
      </div>
      <p v-if="delivered" class="flex items-center gap-2 border border-line bg-sheet p-3" data-delivered>
        <span class="flex-1">● Delivered {{ readable(delivered) }}.</span>
        <button type="button" class="act-quiet" @click="takeBack">It is here after all</button>
      </p>
      <ProblemNote v-if="deciding" :error="deciding" />
      <div v-if="keep.state.value === 'two-versions'" role="alert" class="border border-ink bg-sheet p-3">
        <p class="font-medium">◆ This order was changed in another window.</p>
        <p class="mt-2 flex gap-2">
          <button type="button" class="act" @click="keep.settle('mine')">Keep mine</button>
          <button type="button" class="act" @click="keep.settle('theirs')">Take theirs</button>
        </p>
      </div>
      <ProblemNote v-else-if="keep.fault.value" :error="keep.fault.value" />
      <p class="flex flex-wrap gap-2 pt-2">
        <RouterLink class="act" :to="`/orders/${id}/days`">Days</RouterLink>
        <RouterLink class="act" :to="`/orders/${id}/bench`">Bench</RouterLink>
        <RouterLink class="act" :to="`/orders/${id}/price`">Price</RouterLink>
        <RouterLink class="act" :to="`/orders/${id}/sheets`">Sheets</RouterLink>
        <button
          v-if="!accepted"
          type="button"
          class="act whitespace-nowrap"
          :disabled="order.lines.length === 0 || keep.state.value !== 'kept'"
          @click="accept"
        >
          Accept
        </button>
        <button v-if="accepted && !delivered" type="button" class="act whitespace-nowrap" @click="deliver">It is delivered</button>
        <button type="button" class="act-quiet" :disabled="keep.state.value !== 'kept'" @click="copy">Copy it</button>
        <button type="button" class="act-quiet" :disabled="!keep.canUndo.value" @click="keep.undo">Undo</button>
        <button type="button" class="act-quiet whitespace-nowrap" @click="remove.mutate()">Delete</button>
      </p>
    </section>
    <div class="min-w-0 space-y-4">
      <ProblemNote v-if="loadFault" :error="loadFault" />
      <ProblemNote v-if="reckoning.fault.value" :error="reckoning.fault.value" />
      <p v-if="reckoning.result.value?.leftOut.length" role="alert" class="border border-ink bg-sheet p-3">
        ■ Nothing of {{ reckoning.result.value.leftOut.map((s) => s.name).join(', ') }} is in these figures: it cannot be read. Fix it on
        the shelf, or leave it out.
      </p>
      <JobNote v-if="reckoning.job.value" :job="reckoning.job.value" @stop="reckoning.stop" />
      <p v-else-if="reckoning.busy.value" role="status" class="text-quiet">Working out what it takes …</p>
      <OrderDays v-if="order && order.lines.length && !delivered && reckoning.result.value" :id="id" :of="reckoning.result.value" />
      <OtherCounts
        v-if="order && order.lines.length && keep.state.value === 'kept'"
        :id="id"
        :lines="order.lines"
        :name-of="nameOf"
        :changeable="!accepted"
        @take="change({ lines: order.lines.map((l, i) => ({ ...l, flowers: $event[i] ?? l.flowers })) })"
      />
      <MediaChoice
        v-if="order && order.lines.length"
        :id="id"
        :goes="order.venue"
        :changeable="!accepted"
        @goes="change({ venue: $event })"
        @make="makeOf"
      />
      <OrderTotals v-if="order && reckoning.result.value && order.lines.length" :reckoning="reckoning.result.value" />
    </div>
  </div>
</template>
