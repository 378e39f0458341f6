<script setup lang="ts">
import { Dialog, DialogPanel, DialogTitle } from '@headlessui/vue'
import { computed } from 'vue'
import type { Ways } from '@/api/client'
import { choicesOf, definition } from '@/parts/fields/schema'
import ChoiceField from '@/parts/fields/ChoiceField.vue'
import { useWays } from './useWays'

/** How the studio works where makers disagree; a species and a part may choose otherwise. */
defineProps<{ open: boolean }>()
const emit = defineEmits<{ close: [] }>()
const store = useWays()

const rows = computed(() =>
  Object.entries(definition('Choices').properties ?? {}).map(([name, node]) => ({
    name: name as keyof Ways,
    label: node.title ?? name,
    hint: node.description,
    choices: choicesOf(node),
  })),
)

function choose(name: keyof Ways, value: string) {
  if (store.ways) void store.set({ ...store.ways, [name]: value } as Ways)
}
</script>

<template>
  <Dialog :open="open" class="fixed inset-0 z-40 bg-ink/30" @close="emit('close')">
    <DialogPanel class="mx-auto mt-16 w-[40rem] max-w-[92vw] border border-ink bg-sheet p-5">
      <DialogTitle class="text-head">The studio's ways</DialogTitle>
      <p class="mt-1 text-quiet">Where makers disagree. Every figure that a way changes is reckoned anew; a species or a single part may choose otherwise.</p>
      <div v-if="store.ways" class="mt-3 grid grid-cols-2 gap-x-4 gap-y-2">
        <ChoiceField
          v-for="row in rows"
          :key="row.name"
          :label="row.label"
          :hint="row.hint"
          :value="store.ways[row.name]"
          :choices="row.choices"
          @change="choose(row.name, $event)"
        />
      </div>
      <p v-if="store.fault" role="alert" class="mt-2">■ {{ store.fault }}</p>
      <p class="mt-4 flex justify-end gap-2">
        <button v-if="store.canUndo" type="button" class="act-quiet" @click="store.undo()">Undo</button>
        <button type="button" class="act" @click="emit('close')">Close</button>
      </p>
    </DialogPanel>
  </Dialog>
</template>
