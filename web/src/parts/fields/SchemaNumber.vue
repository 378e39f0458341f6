<script setup lang="ts">
import NumberField from './NumberField.vue'
import type { SchemaNode } from './schema'

/** A number of a record: its words, unit, digits and range are those of the published schema. */
defineProps<{ node: SchemaNode; value: number; label?: string; step?: number }>()
const emit = defineEmits<{ change: [value: number] }>()
</script>

<template>
  <NumberField
    :label="label ?? node.title ?? ''"
    :hint="node.description"
    :value="value"
    :unit="node['x-unit'] ?? ''"
    :digits="node['x-digits'] ?? 1"
    :min="node.minimum ?? -1e9"
    :max="node.maximum ?? 1e9"
    :step="step ?? node['x-step'] ?? 1"
    :whole="node.type === 'integer'"
    @change="emit('change', $event)"
  />
</template>
