<script setup lang="ts">
import { computed } from 'vue'
import type { SpeciesDocument } from '@/api/client'
import ChoiceField from '@/parts/ChoiceField.vue'
import NumberField from '@/parts/NumberField.vue'
import TextField from '@/parts/TextField.vue'
import { kinds, resolved, type SchemaNode, usual } from './schema'

/** Fields for one object of the species document, made from its published schema. */
const props = defineProps<{
  node: SchemaNode
  value: Record<string, unknown>
  shades: SpeciesDocument['shades']
  hidden?: string[]
  path: string
}>()
const emit = defineEmits<{ change: [path: string, value: unknown] }>()
defineOptions({ name: 'SchemaFields' })

const rows = computed(() =>
  Object.entries(props.node.properties ?? {})
    .filter(([name]) => name !== 'kind' && !props.hidden?.includes(name))
    .map(([name, node]) => ({
      name,
      node: resolved(node),
      path: `${props.path}/${name}`,
      value: props.value[name],
      needed: props.node.required?.includes(name) ?? false,
    })),
)

type Row = (typeof rows.value)[number]
const isNumber = (row: Row) => row.node.type === 'number' || row.node.type === 'integer'
const isObject = (row: Row) => row.node.type === 'object'
const numbers = computed(() => rows.value.filter(isNumber))
const choices = computed(() => rows.value.filter((r) => r.node.enum || r.name === 'shade'))
const texts = computed(() => rows.value.filter((r) => r.node.type === 'string' && !r.node.enum && r.name !== 'shade'))
const groups = computed(() => rows.value.filter((r) => isObject(r) || r.node.oneOf))

function choicesOf(row: Row) {
  if (row.name === 'shade') return props.shades.map((s) => ({ value: s.id, label: s.name }))
  return row.node.enum!.map((value) => ({ value, label: row.node['x-labels']?.[value] ?? value }))
}

function kindOf(row: Row): SchemaNode {
  if (!row.node.oneOf) return row.node
  return kinds(row.node).get((row.value as { kind: string }).kind)!
}

function switchKind(row: Row, kind: string) {
  const fresh = usual(kinds(row.node).get(kind)!) as Record<string, unknown>
  const old = row.value as Record<string, unknown>
  const shared = Object.fromEntries(Object.keys(fresh).filter((k) => k !== 'kind' && k in old).map((k) => [k, old[k]]))
  emit('change', row.path, { ...fresh, ...shared })
}
</script>

<template>
  <div class="grid grid-cols-3 gap-x-2 gap-y-1.5">
    <TextField
      v-for="row in texts"
      :key="row.path"
      :class="row.name === 'note' ? 'col-span-3' : 'col-span-2'"
      :label="row.node.title ?? row.name"
      :hint="row.node.description"
      :value="String(row.value ?? '')"
      :longest="row.node.maxLength"
      @change="emit('change', row.path, $event)"
    />
    <ChoiceField
      v-for="row in choices"
      :key="row.path"
      :class="rows.length === 1 ? 'col-span-2' : ''"
      :label="row.node.title ?? row.name"
      :hint="row.node.description"
      :value="String(row.value)"
      :choices="choicesOf(row)"
      @change="emit('change', row.path, $event)"
    />
    <NumberField
      v-for="row in numbers"
      :key="row.path"
      :label="row.node.title ?? row.name"
      :hint="row.node.description"
      :value="Number(row.value)"
      :unit="row.node['x-unit'] ?? ''"
      :digits="row.node['x-digits'] ?? 1"
      :min="row.node.minimum ?? -1e9"
      :max="row.node.maximum ?? 1e9"
      :step="row.node['x-step'] ?? 1"
      :whole="row.node.type === 'integer'"
      :data-field="row.path"
      @change="emit('change', row.path, $event)"
    />
    <fieldset v-for="row in groups" :key="row.path" class="col-span-3">
      <legend class="heading-small flex w-full items-baseline gap-2 border-b border-line" :title="row.node.description">
        <span class="flex-1">{{ row.node.title ?? row.name }}</span>
        <select
          v-if="row.node.oneOf"
          class="border-0 bg-transparent py-0.5 font-sans text-[13px] text-ink not-italic"
          :aria-label="row.node.title ?? row.name"
          :value="(row.value as { kind: string }).kind"
          @change="switchKind(row, ($event.target as HTMLSelectElement).value)"
        >
          <option v-for="[kind, choice] in kinds(row.node)" :key="kind" :value="kind">{{ choice.title ?? kind }}</option>
        </select>
        <button
          v-if="!row.needed"
          type="button"
          class="font-sans text-[13px] text-accent not-italic hover:underline"
          @click="emit('change', row.path, row.value === undefined ? { ...(usual(row.node) as object), name: 'new former' } : undefined)"
        >
          {{ row.value === undefined ? 'none: choose one' : 'leave out' }}
        </button>
      </legend>
      <SchemaFields
        v-if="row.value !== undefined"
        class="mt-1"
        :node="kindOf(row)"
        :value="row.value as Record<string, unknown>"
        :shades="shades"
        :path="row.path"
        @change="(path, value) => emit('change', path, value)"
      />
    </fieldset>
  </div>
</template>
