<script setup lang="ts">
import { computed, ref } from 'vue'
import { answered, api } from '@/api/client'
import { useKept } from '@/kept/useKept'
import { withAt } from '@/parts/fields/pointer'
import SchemaFields from '@/parts/fields/SchemaFields.vue'
import NumberField from '@/parts/fields/NumberField.vue'
import ProblemNote from '@/parts/ProblemNote.vue'
import StripNest from '@/parts/StripNest.vue'
import PasteBehaviour from './PasteBehaviour.vue'
import { type Item, type Kept, kindOf } from '@/parts/drawer/things'
import { readLengths } from '@/measure/lengths'
import { useLengths } from '@/measure/useLengths'
import { homeOf } from './waiting'

/** One thing with its fields; what is changed is kept by itself. */
const props = defineProps<{ thing: Kept }>()
const emit = defineEmits<{ kept: [thing: Kept]; added: [things: Kept[]]; remove: [] }>()
const params = { path: { id: props.thing.id } }
const keep = useKept<Item>(homeOf(props.thing, (now) => emit('kept', now)))
void keep.load()
const item = computed(() => keep.value.value ?? props.thing.item)
const sure = ref(false)
const ballMm = ref(20)
const failure = ref<unknown>()
const kind = computed(() => kindOf(item.value.kind))

const change = (path: string, value: unknown) => keep.set(withAt(item.value, path, value), path)

/** Sizes of the same cutter, typed with spaces between, as a set is sold. */
const sizes = ref('')
const lengths = useLengths()

async function addSizes() {
  failure.value = undefined
  const sizesMm = readLengths(sizes.value, lengths.unit).map((mm) => mm ?? 0)
  try {
    emit('added', await answered(api.POST('/api/drawer/{id}/sizes', { params, body: { sizesMm } })))
    sizes.value = ''
  } catch (e) {
    failure.value = e
  }
}

/** A ball of this paste, measured across and weighed, says how dense it is. */
async function weighed(ballG: number) {
  failure.value = undefined
  try {
    const found = await answered(api.POST('/api/scale/density', { body: { ballMm: ballMm.value, ballG } }))
    change('/paste/densityGPerCm3', Number(found.densityGPerCm3.toFixed(3)))
  } catch (e) {
    failure.value = e
  }
}
</script>

<template>
  <aside class="min-w-0 border-l border-line px-4 py-3" :aria-label="item.name">
    <div class="flex items-baseline gap-2">
      <h2 class="min-w-0 flex-1 text-head">{{ item.name }}</h2>
      <span role="status" class="text-note text-quiet" :data-state="keep.state.value">{{
        keep.state.value === 'kept' ? '● kept' : keep.state.value === 'keeping' ? '○ keeping …' : '◆ not kept yet'
      }}</span>
      <button v-if="keep.canUndo.value" type="button" class="act-quiet" @click="keep.undo">Undo</button>
    </div>
    <div v-if="keep.state.value === 'two-versions'" role="alert" class="my-2 border border-ink bg-sheet p-3">
      <p class="font-medium">◆ It was changed in another window.</p>
      <p class="mt-2 flex gap-2">
        <button type="button" class="act" @click="keep.settle('mine')">Keep mine</button>
        <button type="button" class="act" @click="keep.settle('theirs')">Take theirs</button>
      </p>
    </div>
    <ProblemNote v-else-if="keep.fault.value" :error="keep.fault.value" class="my-2" />
    <SchemaFields class="mt-2" :node="kind.node" :value="item as unknown as Record<string, unknown>" path="" @change="change" />
    <PasteBehaviour v-if="item.kind === 'own-paste'" :item="item" class="mt-4" />
    <section v-if="item.kind === 'own-paste'" class="mt-4 border-t border-line pt-2">
      <h3 class="heading-small">its density from one ball</h3>
      <p class="text-note text-quiet">Roll a ball, measure it across, weigh it.</p>
      <div class="mt-1 grid grid-cols-2 gap-2">
        <NumberField label="ball, across" unit="mm" :digits="1" :min="1" :max="120" :step="0.5" :value="ballMm" @change="ballMm = $event" />
        <NumberField label="its weight" unit="g" :digits="2" :min="0" :max="5000" :step="0.1" :value="0" @change="weighed" />
      </div>
      <ProblemNote v-if="failure" :error="failure" class="mt-2" />
    </section>
    <section v-if="item.kind === 'cutter'" class="mt-4 border-t border-line pt-2">
      <h3 class="heading-small">the same in other sizes</h3>
      <form class="mt-1 mb-3 flex items-end gap-2" @submit.prevent="addSizes">
        <label class="min-w-0 flex-1 text-note text-quiet"
          >{{ item.cut.petals > 1 ? `across each, ${lengths.unit}` : `length of each, ${lengths.unit}` }}
          <input
            v-model="sizes"
            class="field text-body text-ink"
            inputmode="decimal"
            :placeholder="lengths.unit === 'mm' ? '24 28 32' : '1; 1 1/8; 1 1/4'"
          />
        </label>
        <button type="submit" class="act" :disabled="!sizes.trim()">Add the set</button>
      </form>
      <ProblemNote v-if="failure" :error="failure" class="mb-2" />
      <h3 class="heading-small">on the strip</h3>
      <StripNest :cut="item.cut" />
    </section>
    <p class="mt-6 border-t border-line pt-2">
      <button v-if="!sure" type="button" class="act-quiet !px-0" @click="sure = true">Delete it</button>
      <template v-else
        >Gone for good? <button type="button" class="act" @click="emit('remove')">Yes, delete it</button>
        <button type="button" class="act-quiet" @click="sure = false">Keep it</button></template
      >
    </p>
  </aside>
</template>
