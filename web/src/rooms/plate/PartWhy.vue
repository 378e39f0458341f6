<script setup lang="ts">
import { computed } from 'vue'
import { resolved, speciesSchema } from '@/parts/fields/schema'
import type { SpeciesDocument } from '@/api/client'

/** Why a part is as it is, in the maker's words: told on its card and in the method. */
const props = defineProps<{ species: SpeciesDocument; partId: string }>()
const emit = defineEmits<{ change: [path: string, value: unknown] }>()
const text = computed(() => props.species.notes.find((n) => n.part === props.partId)?.text ?? '')
const LONGEST = resolved(resolved(speciesSchema).properties!.notes!.items!).properties!.text!.maxLength

function write(typed: string) {
  const others = props.species.notes.filter((n) => n.part !== props.partId)
  emit('change', '/notes', typed.trim() ? [...others, { part: props.partId, text: typed.trim() }] : others)
}
</script>

<template>
  <label class="mt-2 block text-note text-quiet">
    why, for its card
    <textarea
      class="field mt-0.5 block w-full text-ink"
      rows="2"
      :maxlength="LONGEST"
      :value="text"
      placeholder="why it is so, what to look for"
      @change="write(($event.target as HTMLTextAreaElement).value)"
    />
  </label>
</template>
