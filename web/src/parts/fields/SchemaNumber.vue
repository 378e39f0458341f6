<script setup lang="ts">
import NumberField from './NumberField.vue'
import type { SchemaNode } from './schema'

/** A number of a record: its words, unit, digits and range are those of the published schema; a share may be shown in hundredths. */
const props = defineProps<{ node: SchemaNode; value: number; label?: string; step?: number; percent?: boolean }>()
const emit = defineEmits<{ change: [value: number] }>()
const times = props.percent ? 100 : 1
</script>

<template>
  <NumberField
    :label="label ?? node.title ?? ''"
    :hint="node.description"
    :value="value * times"
    :unit="percent ? '%' : (node['x-unit'] ?? '')"
    :digits="percent ? 0 : (node['x-digits'] ?? 1)"
    :min="(node.minimum ?? -1e9) * times"
    :max="(node.maximum ?? 1e9) * times"
    :step="(step ?? node['x-step'] ?? 1) * times"
    :whole="node.type === 'integer'"
    @change="emit('change', $event / times)"
  />
</template>
