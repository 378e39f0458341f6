<script setup lang="ts">
import { ref } from 'vue'
import type { Schemas } from '@/api/client'

/** A species whose document cannot be read: told, kept as it is, and put right by another document in its place. */
defineProps<{ card: Schemas['SpeciesCard'] }>()
const emit = defineEmits<{ archived: []; fix: [file: File] }>()
const picker = ref<HTMLInputElement>()

function picked(event: Event) {
  const file = (event.target as HTMLInputElement).files?.[0]
  if (file) emit('fix', file)
  if (picker.value) picker.value.value = ''
}
</script>

<template>
  <li>
    <div class="aspect-square w-full overflow-auto border border-ink bg-sheet p-3">
      <p class="font-medium">■ It cannot be read</p>
      <p v-for="fault in card.faults" :key="fault.pointer + fault.expected" class="mt-2 break-words text-quiet">
        {{ fault.pointer || 'the document' }}: came {{ $told(fault.came) }}, expected {{ $told(fault.expected) }}
      </p>
    </div>
    <h2 class="mt-2 text-head">{{ card.name }}</h2>
    <p class="text-quiet">It is kept just as it is. Export it, fix it, and import it in its place.</p>
    <p class="flex flex-wrap gap-x-3">
      <a class="act-quiet !px-0" :href="`/api/species/${card.id}/as-kept`" :download="`${card.name}.species.json`">Export as it is</a>
      <label class="act-quiet !px-0">
        Import in its place
        <input ref="picker" type="file" accept=".json,application/json" class="sr-only" @change="picked" />
      </label>
      <button type="button" class="act-quiet !px-0" @click="emit('archived')">{{ card.archived ? 'Put back' : 'Archive' }}</button>
    </p>
  </li>
</template>
