<script setup lang="ts">
import type { Schemas } from '@/api/client'
import { field } from '@/parts/fields/schema'
import SchemaNumber from '@/parts/fields/SchemaNumber.vue'
import TextField from '@/parts/fields/TextField.vue'

type Row = Schemas['MeasuredPetals']
const props = defineProps<{ rows: Row[] }>()
const emit = defineEmits<{ change: [rows: Row[]] }>()
const put = (at: number, changed: Partial<Row>) =>
  emit(
    'change',
    props.rows.map((r, i) => (i === at ? { ...r, ...changed } : r)),
  )

/** The next row begins as the last one, a little larger: petals grow outwards. */
function add() {
  const last = props.rows.at(-1) ?? { count: 5, lengthMm: 30, widthMm: 24, widest: 0.6, note: '' }
  emit('change', [...props.rows, { ...last, lengthMm: Math.round(last.lengthMm * 1.2), widthMm: Math.round(last.widthMm * 1.2), note: '' }])
}
</script>

<template>
  <div>
    <p v-if="rows.length === 0" class="text-quiet">No petals yet. Add a row: how many, how long, how wide.</p>
    <div
      v-for="(row, i) in rows"
      :key="i"
      class="grid grid-cols-[90px_110px_110px_110px_minmax(0,1fr)_auto] items-end gap-2 border-t border-line py-1.5"
      role="group"
      :aria-label="`row ${i + 1}`"
    >
      <SchemaNumber :node="field('MeasuredPetals', 'count')" :value="row.count" @change="put(i, { count: $event })" />
      <SchemaNumber :node="field('MeasuredPetals', 'lengthMm')" :value="row.lengthMm" @change="put(i, { lengthMm: $event })" />
      <SchemaNumber :node="field('MeasuredPetals', 'widthMm')" :value="row.widthMm" @change="put(i, { widthMm: $event })" />
      <SchemaNumber :node="field('MeasuredPetals', 'widest')" :value="row.widest" @change="put(i, { widest: $event })" />
      <TextField label="note" :value="row.note" :longest="200" @change="put(i, { note: $event })" />
      <button
        type="button"
        class="act-quiet"
        :aria-label="`Remove row ${i + 1}`"
        @click="
          emit(
            'change',
            rows.filter((_, k) => k !== i),
          )
        "
      >
        remove
      </button>
    </div>
    <button type="button" class="act mt-2" @click="add">Add a row</button>
  </div>
</template>
