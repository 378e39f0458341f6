<script setup lang="ts">
import type { Room } from '@/api/client'
import ChoiceField from '@/parts/fields/ChoiceField.vue'
import room from '@formats/room.schema.json'
import { field, publish } from '@/parts/fields/schema'
import SchemaNumber from '@/parts/fields/SchemaNumber.vue'
import { useRoom } from './useRoom'

publish(room)
const store = useRoom()
const AIRS = [
  { value: 'still', label: 'still air' },
  { value: 'fan', label: 'a fan on it' },
  { value: 'cabinet', label: 'drying cabinet' },
]

function air(kind: string) {
  const chosen: Room['air'] = kind === 'cabinet' ? { kind: 'cabinet', insideC: 30, insidePct: 40 } : { kind: kind as 'still' | 'fan' }
  void store.set({ ...store.room, air: chosen })
}

function inside(changed: { insideC?: number; insidePct?: number }) {
  const now = store.room.air
  if (now.kind === 'cabinet') void store.set({ ...store.room, air: { ...now, ...changed } })
}
</script>

<template>
  <div role="group" aria-label="The room now" class="grid content-start gap-1.5 overflow-y-auto px-3 py-1.5">
    <p class="flex items-baseline justify-between font-heading text-lead text-quiet italic">
      <slot>the room now</slot>
      <button
        v-if="store.canUndo"
        type="button"
        class="act-quiet !min-h-0 !px-0 font-sans text-note not-italic"
        aria-label="Undo: the room"
        @click="store.undo()"
      >
        Undo
      </button>
    </p>
    <div class="grid grid-cols-2 gap-2">
      <SchemaNumber
        :node="field('Room', 'temperatureC')"
        :value="store.room.temperatureC"
        @change="store.set({ ...store.room, temperatureC: $event })"
      />
      <SchemaNumber
        :node="field('Room', 'humidityPct')"
        :step="5"
        :value="store.room.humidityPct"
        @change="store.set({ ...store.room, humidityPct: $event })"
      />
      <ChoiceField class="col-span-2" label="air" :choices="AIRS" :value="store.room.air.kind" @change="air" />
      <template v-if="store.room.air.kind === 'cabinet'">
        <SchemaNumber
          :node="field('Cabinet', 'insideC')"
          label="inside"
          :value="store.room.air.insideC"
          @change="inside({ insideC: $event })"
        />
        <SchemaNumber
          :node="field('Cabinet', 'insidePct')"
          label="inside"
          :step="5"
          :value="store.room.air.insidePct"
          @change="inside({ insidePct: $event })"
        />
      </template>
    </div>
    <p v-if="store.fault" role="alert" class="text-note">■ {{ store.fault }}</p>
  </div>
</template>
