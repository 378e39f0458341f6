<script setup lang="ts">
import { computed } from 'vue'
import NumberField from './NumberField.vue'
import { definition, resolved } from './schema'

/** A number of a record: its words, unit, digits and range are those of the published schema. */
const props = defineProps<{ of: string; field: string; value: number; label?: string; step?: number }>()
const emit = defineEmits<{ change: [value: number] }>()
const node = computed(() => resolved(definition(props.of).properties![props.field]!))
</script>

<template>
  <NumberField
    :label="label ?? node.title ?? field"
    :hint="node.description"
    :unit="node['x-unit'] ?? ''"
    :digits="node['x-digits'] ?? 1"
    :min="node.minimum!"
    :max="node.maximum!"
    :step="step ?? node['x-step'] ?? 1"
    :whole="node.type === 'integer'"
    :value="value"
    @change="emit('change', $event)"
  />
</template>
