<script setup lang="ts">
import { Dialog, DialogPanel, DialogTitle } from '@headlessui/vue'
import { computed, shallowRef, watch } from 'vue'
import { answered, api, type Schemas } from '@/api/client'
import published from '@formats/pace.schema.json'
import { choicesOf, definition, publish, resolved } from '@/parts/fields/schema'
import ChoiceField from '@/parts/fields/ChoiceField.vue'
import NumberField from '@/parts/fields/NumberField.vue'
import { usePace } from './usePace'

/** How fast the studio's hands are: a hand, and operations that it does faster or slower than that hand would. */
publish(published)
const props = defineProps<{ open: boolean }>()
const emit = defineEmits<{ close: [] }>()
const store = usePace()
const operations = shallowRef<Schemas['OperationPace'][]>([])

const hands = choicesOf(resolved(definition('Pace').properties!.hand!))
const minutes = resolved(definition('Own').properties!.eachMin!)

watch(
  () => [props.open, store.pace],
  async () => {
    if (props.open) operations.value = await answered(api.GET('/api/pace/operations'))
  },
  { immediate: true },
)

type Own = Schemas['Pace']['own'][number]
const own = computed(() => new Map((store.pace?.own ?? []).map((o) => [o.operation, o])))

function hand(value: string) {
  if (store.pace) void store.set({ ...store.pace, hand: value as Schemas['Pace']['hand'] })
}

function set(operation: Own['operation'], eachMin?: number) {
  if (!store.pace) return
  const others = store.pace.own.filter((o) => o.operation !== operation)
  void store.set({ ...store.pace, own: eachMin === undefined ? others : [...others, { operation, eachMin }] })
}
</script>

<template>
  <Dialog :open="open" class="fixed inset-0 z-40 bg-ink/30" @close="emit('close')">
    <DialogPanel class="mx-auto mt-10 flex max-h-[88vh] w-[46rem] max-w-[94vw] flex-col border border-ink bg-sheet p-5">
      <DialogTitle class="text-head">The studio's pace</DialogTitle>
      <p class="mt-1 text-quiet">
        How long hands take. Every plan, order and price goes by it. The minutes are for each thing taken up; a petal more on it takes what
        stands beside.
      </p>
      <ChoiceField v-if="store.pace" class="mt-3 w-60" label="hand" :value="store.pace.hand" :choices="hands" @change="hand" />
      <div class="mt-3 grid min-h-0 grid-cols-3 gap-x-4 gap-y-2 overflow-auto pr-1" data-operations>
        <div v-for="row in operations" :key="row.operation" class="min-w-0">
          <NumberField
            :label="row.label"
            :value="row.eachMin"
            unit="min"
            :digits="2"
            :min="minutes.minimum!"
            :max="minutes.maximum!"
            :step="0.05"
            @change="set(row.operation, $event)"
          />
          <p class="flex text-note text-quiet">
            <span class="flex-1">{{ row.petalMin > 0 ? `+ ${row.petalMin.toFixed(2)} a petal` : '' }}</span>
            <button
              v-if="own.has(row.operation)"
              type="button"
              class="text-accent italic hover:underline"
              :aria-label="`As the hand says: ${row.label}`"
              @click="set(row.operation)"
            >
              as the hand: {{ row.handMin.toFixed(2) }}
            </button>
          </p>
        </div>
      </div>
      <p v-if="store.fault" role="alert" class="mt-2">■ {{ store.fault }}</p>
      <p class="mt-4 flex justify-end gap-2">
        <button v-if="store.canUndo" type="button" class="act-quiet" @click="store.undo()">Undo</button>
        <button type="button" class="act" @click="emit('close')">Close</button>
      </p>
    </DialogPanel>
  </Dialog>
</template>
