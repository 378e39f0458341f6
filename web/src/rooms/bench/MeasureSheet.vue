<script setup lang="ts">
import { ref } from 'vue'
import type { Schemas } from '@/api/client'
import { definition } from '@/parts/fields/schema'
import SchemaNumber from '@/parts/fields/SchemaNumber.vue'

/** A sheet as it came out of the roller: what a setting rolls by now is learnt from it. */
const emit = defineEmits<{ say: [said: NonNullable<Schemas['BenchEvent']['said']>] }>()
const fields = definition('RollerReading').properties!
const setting = ref(4)
const thickMm = ref(1)
const kept = ref(0)
function keep() {
  emit('say', { kind: 'sheet-measured', setting: setting.value, thickMm: thickMm.value })
  kept.value++
}
</script>

<template>
  <details class="border-t border-line pt-2" data-sheet>
    <summary class="cursor-pointer text-lead text-quiet">measure a sheet</summary>
    <form class="mt-2 flex items-end gap-2" @submit.prevent="keep">
      <SchemaNumber :node="fields.setting!" label="setting" :value="setting" @change="setting = $event" />
      <SchemaNumber :node="fields.thickMm!" label="it is thick" :value="thickMm" @change="thickMm = $event" />
      <button type="submit" class="act whitespace-nowrap">Keep it</button>
      <span v-if="kept" role="status" class="pb-2 text-quiet">{{ kept }} kept: the book tells what they teach</span>
    </form>
  </details>
</template>
