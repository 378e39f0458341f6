<script setup lang="ts">
import { computed } from 'vue'
import type { SpeciesDocument } from '@/api/client'
import { resolved, type SchemaNode, usual } from './schema'
import SchemaFields from './SchemaFields.vue'

/** A list of objects of a document, each with its fields; one may be added, or left out. */
const props = defineProps<{ node: SchemaNode; value: Record<string, unknown>[]; shades?: SpeciesDocument['shades']; path: string }>()
const emit = defineEmits<{ change: [path: string, value: unknown] }>()
const item = computed(() => resolved(props.node.items!))

function add() {
  const last = props.value.at(-1) ?? (usual(item.value) as Record<string, unknown>)
  emit('change', props.path, [...props.value, { ...last }])
}

function leaveOut(at: number) {
  emit(
    'change',
    props.path,
    props.value.filter((_, i) => i !== at),
  )
}
</script>

<template>
  <fieldset :title="node.description">
    <legend class="heading-small w-full border-b border-line">{{ node.title }}</legend>
    <div v-for="(entry, i) in value" :key="i" class="border-b border-line py-1.5">
      <SchemaFields :node="item" :value="entry" :shades="shades" :path="`${path}/${i}`" @change="(p, v) => emit('change', p, v)" />
      <button v-if="value.length > (node.minItems ?? 0)" type="button" class="act-quiet !px-0 text-note" @click="leaveOut(i)">
        Leave this one out
      </button>
    </div>
    <button v-if="value.length < (node.maxItems ?? 99)" type="button" class="act-quiet !px-0 text-note" @click="add">Add one more</button>
  </fieldset>
</template>
