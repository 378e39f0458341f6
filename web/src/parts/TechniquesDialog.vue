<script setup lang="ts">
import { Dialog, DialogPanel, DialogTitle } from '@headlessui/vue'
import { useQuery } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { answered, api, type Schemas, type Techniques } from '@/api/client'
import { told } from '@/measure/figures'
import { useLengths } from '@/measure/useLengths'
import { choicesOf, definition } from '@/parts/fields/schema'
import ChoiceField from '@/parts/fields/ChoiceField.vue'
import { useTechniques } from './useTechniques'

/** How the studio works where makers disagree; a species and a part may choose otherwise. */
const props = defineProps<{ open: boolean }>()
const emit = defineEmits<{ close: [] }>()
const store = useTechniques()

const rows = computed(() =>
  Object.entries(definition('Choices').properties ?? {}).map(([name, node]) => ({
    name: name as keyof Techniques,
    label: node.title ?? name,
    hint: node.description,
    choices: choicesOf(node),
  })),
)

const lengths = useLengths()
const flower = ref('')
const shelf = useQuery({ queryKey: ['species'], queryFn: () => answered(api.GET('/api/species')), enabled: computed(() => props.open) })
const flowers = computed(() => [
  { value: '', label: 'no flower' },
  ...(shelf.data.value ?? []).map((s) => ({ value: s.id, label: s.name })),
])
/** What every choice would change of that flower; asked anew when a way is taken. */
const effects = useQuery({
  queryKey: computed(() => ['techniques', 'effects', flower.value, store.techniques]),
  queryFn: () => answered(api.GET('/api/techniques/effects', { params: { query: { speciesId: flower.value } } })),
  enabled: computed(() => props.open && flower.value !== ''),
})
const signed = (c: Schemas['FigureChange']) =>
  `${c.label} ${c.to > c.from ? '+' : '−'} ${told(Math.abs(c.to - c.from), c.unit, lengths.unit).trim()}`
const changesOf = (way: string) =>
  (effects.data.value ?? [])
    .filter((e) => e.way === way && e.changes.length > 0)
    .map((e) => ({ label: e.label, text: e.changes.map(signed).join(', ') }))

function choose(name: keyof Techniques, value: string) {
  if (store.techniques) void store.set({ ...store.techniques, [name]: value } as Techniques)
}
</script>

<template>
  <Dialog :open="open" class="fixed inset-0 z-40 bg-ink/30" @close="emit('close')">
    <DialogPanel class="mx-auto mt-10 max-h-[88vh] w-[46rem] max-w-[92vw] overflow-y-auto border border-ink bg-sheet p-5">
      <DialogTitle class="text-head">The studio’s techniques</DialogTitle>
      <p class="mt-1 text-quiet">
        Where makers disagree. Every figure that a technique changes is recalculated; a species or a single part may choose otherwise.
      </p>
      <ChoiceField class="mt-2 w-72" label="told in figures for" :value="flower" :choices="flowers" @change="flower = $event" />
      <div v-if="store.techniques" class="mt-3 grid grid-cols-2 gap-x-4 gap-y-2">
        <div v-for="row in rows" :key="row.name">
          <ChoiceField
            :label="row.label"
            :hint="row.hint"
            :value="store.techniques[row.name]"
            :choices="row.choices"
            @change="choose(row.name, $event)"
          />
          <ul
            v-if="flower"
            class="mt-0.5 text-note text-quiet"
            :data-effects="row.name"
            :aria-label="`What another ${row.label} would change`"
          >
            <li v-for="change in changesOf(row.name)" :key="change.label">
              <span class="text-ink">{{ change.label }}:</span> {{ change.text }}
            </li>
            <li v-if="effects.isSuccess.value && changesOf(row.name).length === 0">makes no difference to it</li>
          </ul>
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
