<script setup lang="ts">
import { computed, inject } from 'vue'
import type { SpeciesDocument } from '@/api/client'
import ColourField from './ColourField.vue'
import ChoiceField from './ChoiceField.vue'
import PicturedChoice from './PicturedChoice.vue'
import TextField from './TextField.vue'
import { IDLE_FIELDS } from './idle'
import { useLengths } from '@/measure/useLengths'
import { labelOfList, listFrom, listOf, type Row, sortedRows } from './rows'
import { choicesOf, kinds, resolved, type SchemaNode, usual } from './schema'
import SchemaList from './SchemaList.vue'
import SchemaNumber from './SchemaNumber.vue'

/** Fields for one object of a document, made from its published schema. */
const props = withDefaults(
  defineProps<{
    node: SchemaNode
    value: Record<string, unknown>
    shades?: SpeciesDocument['shades']
    hidden?: string[]
    path: string
    /** Whether these are the ones that are folded away. */
    advanced?: boolean
  }>(),
  { shades: () => [], hidden: () => [], advanced: false },
)
const emit = defineEmits<{ change: [path: string, value: unknown] }>()
defineOptions({ name: 'SchemaFields' })

/** A single part has no choice of its own that only a whole flower can make. */
const offered = (node: SchemaNode) => !(props.path.startsWith('/parts/') && node['x-of-the-flower'])

/** What is drawn is not typed; what it takes the place of says nothing beside it. */
const ownShape = computed(() => props.value.own as { corners: number[] } | undefined)
const spoken = (node: SchemaNode) => !node['x-drawn'] && props.value[node['x-gives-way'] ?? ''] === undefined

/** Fields that change nothing as the rest of the part is. */
const idle = inject(
  IDLE_FIELDS,
  computed(() => []),
)
const dead = (name: string) => idle.value.includes(`${props.path}/${name}`.replace(/^\/parts\/\d+\//, ''))

const all = computed<Row[]>(() =>
  Object.entries(props.node.properties ?? {})
    .filter(([name, node]) => name !== 'kind' && !props.hidden.includes(name) && offered(node) && spoken(node) && !dead(name))
    .map(([name, node]) => ({
      name,
      node: resolved(node),
      path: `${props.path}/${name}`,
      value: props.value[name],
      needed: props.node.required?.includes(name) ?? false,
    })),
)

/** What few flowers state is folded away until it says anything but the usual. */
const folded = computed(() => all.value.filter((r) => r.node['x-advanced'] && (r.value ?? undefined) === usually(r)))
const usually = (row: Row) => (row.needed ? usual(row.node) : undefined)
const rows = computed(() => (props.advanced ? folded.value : all.value.filter((r) => !folded.value.includes(r))))
const foldedNames = computed(() => folded.value.map((r) => r.node.title ?? r.name).join(' · '))
const UNCHOSEN = ''
const sorted = computed(() => sortedRows(rows.value))
const lengths = useLengths()
const listed = (row: Row) => listOf(row, lengths.unit)
const relisted = (row: Row, typed: string) => listFrom(row, typed, lengths.unit)
const labelOf = (row: Row) => labelOfList(row, lengths.unit)

function choicesIn(row: Row) {
  if (row.name === 'shade') return props.shades.map((s) => ({ value: s.id, label: s.name }))
  const all = choicesOf(row.node)
  return row.needed ? all : [{ value: UNCHOSEN, label: 'as the studio' }, ...all]
}

function kindOf(row: Row): SchemaNode {
  if (!row.node.oneOf) return row.node
  return kinds(row.node).get((row.value as { kind: string }).kind)!
}

const kindsIn = (row: Row) => [...kinds(row.node)].map(([value, choice]) => ({ value, label: choice.title ?? value }))

function switchKind(row: Row, kind: string) {
  const fresh = begun(kinds(row.node).get(kind)!)
  const old = row.value as Record<string, unknown>
  const shared = Object.fromEntries(
    Object.keys(fresh)
      .filter((k) => k !== 'kind' && k in old)
      .map((k) => [k, old[k]]),
  )
  emit('change', row.path, { ...fresh, ...shared })
}

/** Whether a group holds nothing but choices that need not be made; it is folded until it is asked for. */
const choosesOnly = (row: Row) => row.node.type === 'object' && (row.node.required ?? []).length === 0

function chosen(row: Row): string {
  const made = Object.keys(row.value as object).length
  return made === 0 ? 'all as the studio does' : made === 1 ? 'one chosen otherwise' : `${made} chosen otherwise`
}

/** A new object of usual values, called as its group is, in the first shade. */
function begun(node: SchemaNode): Record<string, unknown> {
  const fresh = usual(node) as Record<string, unknown>
  if ('name' in fresh) fresh.name = node.title ?? ''
  if ('shade' in fresh) fresh.shade = props.shades[0]?.id
  return fresh
}
</script>

<template>
  <div class="grid grid-cols-[repeat(var(--columns,3),minmax(0,1fr))] gap-x-2 gap-y-1.5">
    <TextField
      v-for="row in sorted.texts"
      :key="row.path"
      :class="row.name === 'note' ? 'col-span-full' : 'col-span-2'"
      :label="row.node.title ?? row.name"
      :hint="row.node.description"
      :value="String(row.value ?? '')"
      :longest="row.node.maxLength"
      @change="emit('change', row.path, $event)"
    />
    <ChoiceField
      v-for="row in sorted.choices"
      :key="row.path"
      :class="rows.length === 1 ? 'col-span-2' : ''"
      :label="row.node.title ?? row.name"
      :hint="row.node.description"
      :value="String(row.value ?? UNCHOSEN)"
      :choices="choicesIn(row)"
      :pictured="row.node['x-pictured']"
      @change="emit('change', row.path, $event === UNCHOSEN ? undefined : $event)"
    />
    <SchemaNumber
      v-for="row in sorted.numbers"
      :key="row.path"
      :node="row.node"
      :label="row.node.title ?? row.name"
      :value="Number(row.value)"
      :data-field="row.path"
      @change="emit('change', row.path, $event)"
    />
    <p v-if="ownShape" class="col-span-full text-quiet">a shape of your own, {{ ownShape.corners.length / 2 }} corners</p>
    <ColourField
      v-for="row in sorted.colours"
      :key="row.path"
      :label="row.node.title ?? row.name"
      :hint="row.node.description"
      :value="String(row.value)"
      @change="emit('change', row.path, $event)"
    />
    <TextField
      v-for="row in sorted.numberLists"
      :key="row.path"
      class="col-span-2"
      :label="labelOf(row)"
      :hint="row.node.description"
      :value="listed(row)"
      @change="emit('change', row.path, relisted(row, $event))"
    />
    <label v-for="row in sorted.ticks" :key="row.path" class="flex items-end gap-1.5 pb-1" :title="row.node.description">
      <input
        type="checkbox"
        class="size-4"
        :checked="row.value === true"
        @change="emit('change', row.path, ($event.target as HTMLInputElement).checked)"
      />
      {{ row.node.title ?? row.name }}
    </label>
    <SchemaList
      v-for="row in sorted.lists"
      :key="row.path"
      class="col-span-full"
      :node="row.node"
      :value="row.value as Record<string, unknown>[]"
      :shades="shades"
      :path="row.path"
      @change="(path, value) => emit('change', path, value)"
    />
    <fieldset v-for="row in sorted.groups" :key="row.path" class="col-span-full">
      <legend class="heading-small flex w-full items-baseline gap-2 border-b border-line" :title="row.node.description">
        <span class="flex-1">{{ row.node.title ?? row.name }}</span>
        <PicturedChoice
          v-if="row.node['x-pictured']"
          class="font-sans text-note text-ink not-italic"
          :label="row.node.title ?? row.name"
          :value="(row.value as { kind: string }).kind"
          :choices="kindsIn(row)"
          :pictured="row.node['x-pictured']"
          @change="switchKind(row, $event)"
        />
        <select
          v-else-if="row.node.oneOf"
          class="border-0 bg-transparent py-0.5 font-sans text-note text-ink not-italic"
          :aria-label="row.node.title ?? row.name"
          :value="(row.value as { kind: string }).kind"
          @change="switchKind(row, ($event.target as HTMLSelectElement).value)"
        >
          <option v-for="kind in kindsIn(row)" :key="kind.value" :value="kind.value">{{ kind.label }}</option>
        </select>
        <button
          v-if="!row.needed"
          type="button"
          class="font-sans text-note text-accent not-italic hover:underline"
          :aria-label="`${row.node.title}: ${row.value === undefined ? 'choose one' : 'remove'}`"
          @click="emit('change', row.path, row.value === undefined ? begun(row.node) : undefined)"
        >
          {{ row.value === undefined ? 'none: choose one' : 'remove' }}
        </button>
      </legend>
      <details v-if="row.value !== undefined && choosesOnly(row)" class="mt-1">
        <summary class="cursor-pointer text-note">{{ chosen(row) }}</summary>
        <SchemaFields
          class="mt-1"
          :node="kindOf(row)"
          :value="row.value as Record<string, unknown>"
          :shades="shades"
          :path="row.path"
          @change="(path, value) => emit('change', path, value)"
        />
      </details>
      <SchemaFields
        v-else-if="row.value !== undefined"
        class="mt-1"
        :node="kindOf(row)"
        :value="row.value as Record<string, unknown>"
        :shades="shades"
        :path="row.path"
        @change="(path, value) => emit('change', path, value)"
      />
    </fieldset>
    <details v-if="!advanced && folded.length" class="col-span-full" data-advanced>
      <summary class="cursor-pointer text-note text-quiet">more: {{ foldedNames }}</summary>
      <SchemaFields
        class="mt-1"
        advanced
        :node="node"
        :value="value"
        :shades="shades"
        :hidden="hidden"
        :path="path"
        @change="(path, value) => emit('change', path, value)"
      />
    </details>
  </div>
</template>
