<script setup lang="ts">
import { useMutation, useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'
import { RouterLink, useRouter } from 'vue-router'
import { answered, api, Failure, type Schemas } from '@/api/client'
import ChoiceField from '@/parts/fields/ChoiceField.vue'
import NumberField from '@/parts/fields/NumberField.vue'
import ProblemNote from '@/parts/ProblemNote.vue'
import { STAGES } from '@/parts/stages'
import TextField from '@/parts/fields/TextField.vue'
import OrderTotals from './OrderTotals.vue'

const props = defineProps<{ id: string }>()
const router = useRouter()
const queries = useQueryClient()
const order = ref<Schemas['OrderView']>()
const adding = ref('')

const kept = useQuery({
  queryKey: computed(() => ['order', props.id]),
  queryFn: () => answered(api.GET('/api/orders/{id}', { params: { path: { id: props.id } } })),
})
const species = useQuery({ queryKey: ['species'], queryFn: () => answered(api.GET('/api/species')) })
const reckoning = useQuery({
  queryKey: computed(() => ['order-reckoning', props.id]),
  queryFn: () => answered(api.GET('/api/orders/{id}/reckoning', { params: { path: { id: props.id } } })),
})
watch(kept.data, (now) => {
  if (now && (!order.value || now.id !== order.value.id || now.version > order.value.version)) order.value = { ...now }
}, { immediate: true })

const keep = useMutation({
  mutationFn: (body: Schemas['OrderView']) =>
    // Kept alive, so that a change made just before the page is left still arrives.
    answered(api.PUT('/api/orders/{id}', { params: { path: { id: props.id } }, body, keepalive: true })),
  scope: { id: 'keep-order' },
  onSuccess: async (now) => {
    if (order.value) order.value = { ...order.value, version: now.version }
    queries.setQueryData(['order', props.id], now)
    await queries.invalidateQueries({ queryKey: ['order-reckoning', props.id] })
  },
})
const conflict = computed(() => keep.error.value instanceof Failure && keep.error.value.status === 409)

function change(changed: Partial<Schemas['OrderDraft']>) {
  if (!order.value) return
  order.value = { ...order.value, order: { ...order.value.order, ...changed } }
  keep.mutate(order.value)
}

async function takeTheirs() {
  order.value = undefined
  keep.reset()
  await kept.refetch()
  order.value = kept.data.value && { ...kept.data.value }
  await reckoning.refetch()
}

async function keepMine() {
  const now = await kept.refetch()
  if (order.value && now.data) {
    order.value = { ...order.value, version: now.data.version }
    keep.mutate(order.value)
  }
}

function setFlowers(at: number, flowers: number) {
  const lines = order.value!.order.lines.map((l, i) => (i === at ? { ...l, flowers } : l))
  change({ lines })
}

/** A species is added by its id, a stage by that of its full flower and its name; the stage then becomes a species of its own. */
const LESS_OPEN = STAGES.filter((s) => s.value !== 'full')
const stageFault = ref<unknown>()

async function add(chosen: string) {
  adding.value = ''
  stageFault.value = undefined
  const [id, stage] = chosen.split(' ')
  if (!id) return
  try {
    const speciesId = stage ? (await answered(api.POST('/api/species/{id}/stages/{stage}', { params: { path: { id, stage } } }))).id : id
    if (stage) await species.refetch()
    if (order.value!.order.lines.some((l) => l.speciesId === speciesId)) return
    change({ lines: [...order.value!.order.lines, { speciesId, flowers: 1 }] })
  } catch (e) {
    stageFault.value = e
  }
}

const nameOf = (id: string) => species.data.value?.find((s) => s.id === id)?.name ?? '…'
const free = computed(() => {
  const shelf = species.data.value ?? []
  const ordered = (id?: string) => order.value?.order.lines.some((l) => l.speciesId === id) ?? false
  return shelf
    .filter((s) => !s.aside && !s.stageOf)
    .flatMap((s) => [
      { value: s.id, label: s.name, made: s.id },
      ...LESS_OPEN.map(({ value: stage, label }) => ({
        value: `${s.id} ${stage}`,
        label: `${s.name}, ${label}`,
        made: shelf.find((own) => own.stageOf?.fullId === s.id && own.stageOf.stage === stage)?.id,
      })),
    ])
    .filter((choice) => !ordered(choice.made))
})

const remove = useMutation({
  mutationFn: () => answered(api.DELETE('/api/orders/{id}', { params: { path: { id: props.id } } })),
  onSuccess: () => router.push('/orders'),
})

function takeOff() {
  if (window.confirm(`Take “${order.value?.order.name}” off the book? This cannot be undone.`)) remove.mutate()
}
</script>

<template>
  <div class="mx-auto grid max-w-6xl grid-cols-1 gap-8 px-5 py-5 lg:grid-cols-[300px_1fr]">
    <section v-if="order" aria-label="The order" class="space-y-3">
      <h1 class="text-[26px]">{{ order.order.name }}</h1>
      <TextField label="what for" :value="order.order.name" :longest="80" @change="change({ name: $event })" />
      <TextField label="hand-over" type="datetime-local" :value="order.order.handOver.slice(0, 16)" @change="$event && change({ handOver: `${$event}:00` })" />
      <NumberField label="kept free before it" unit="h" :digits="0" :min="0" :max="240" :step="1" :value="order.order.marginH" @change="change({ marginH: $event })" />
      <NumberField label="height of the lowest tier" unit="mm" :digits="0" :min="20" :max="400" :step="5" :value="order.order.tierMm" @change="change({ tierMm: $event })" />
      <TextField label="note" :value="order.order.note" :longest="2000" @change="change({ note: $event })" />
      <h2 class="border-b border-line pt-2 text-[18px]">Flowers</h2>
      <p v-if="order.order.lines.length === 0" class="text-quiet">Choose a species below, then say how many.</p>
      <div v-for="(line, i) in order.order.lines" :key="line.speciesId" class="flex items-end gap-2">
        <NumberField class="w-32" :label="nameOf(line.speciesId)" unit="" whole :digits="0" :min="1" :max="500" :step="1" :value="line.flowers" @change="setFlowers(i, $event)" />
        <RouterLink class="act-quiet flex-1 !justify-start" :to="`/plate/${line.speciesId}`">its plate</RouterLink>
        <button type="button" class="act-quiet" :aria-label="`Leave out ${nameOf(line.speciesId)}`" @click="change({ lines: order.order.lines.filter((_, k) => k !== i) })">leave out</button>
      </div>
      <ChoiceField
        v-if="free.length"
        label="add a species or a stage"
        :value="adding"
        :choices="[{ value: '', label: 'choose …' }, ...free]"
        @change="add"
      />
      <ProblemNote v-if="stageFault" :error="stageFault" />
      <div v-if="conflict" role="alert" class="border border-ink bg-sheet p-3">
        <p class="font-medium">◆ This order was changed in another window.</p>
        <p class="mt-2 flex gap-2">
          <button type="button" class="act" @click="keepMine">Keep mine</button>
          <button type="button" class="act" @click="takeTheirs">Take theirs</button>
        </p>
      </div>
      <ProblemNote v-else-if="keep.error.value" :error="keep.error.value" />
      <p class="flex gap-2 pt-2">
        <RouterLink class="act" :to="`/orders/${id}/sheets`">Sheets</RouterLink>
        <button type="button" class="act-quiet" @click="takeOff">Take off the book</button>
      </p>
    </section>
    <div class="min-w-0 space-y-4">
      <ProblemNote v-if="kept.error.value" :error="kept.error.value" />
      <ProblemNote v-if="reckoning.error.value" :error="reckoning.error.value" />
      <p v-if="reckoning.data.value?.leftOut.length" role="alert" class="border border-ink bg-sheet p-3">
        ■ Nothing of {{ reckoning.data.value.leftOut.map((s) => s.name).join(', ') }} is in these figures: it cannot be read. Mend it on the shelf, or leave it out.
      </p>
      <p v-if="reckoning.isFetching.value && !reckoning.data.value" role="status" class="text-quiet">Reckoning what it takes …</p>
      <OrderTotals v-if="order && reckoning.data.value && order.order.lines.length" :reckoning="reckoning.data.value" />
    </div>
  </div>
</template>
