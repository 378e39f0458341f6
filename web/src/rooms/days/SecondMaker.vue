<script setup lang="ts">
import type { Schemas } from '@/api/client'
import published from '@formats/time.schema.json'
import { choicesOf, definition, publish } from '@/parts/fields/schema'
import WeekHours from './WeekHours.vue'

/** A second pair of hands with hours of its own, or that cannot do everything. */
publish(published)
defineProps<{ second?: Schemas['SecondMaker']; week: Schemas['DayHours'][] }>()
const emit = defineEmits<{ change: [second: Schemas['SecondMaker'] | undefined] }>()
const DOINGS = choicesOf(definition('TaskKind')) as { value: Schemas['TaskKind']; label: string }[]
const without = (can: Schemas['TaskKind'][], doing: Schemas['TaskKind']) => can.filter((d) => d !== doing)
</script>

<template>
  <fieldset class="mt-3 border border-line p-3" data-second>
    <legend class="px-1 text-note text-quiet">the second pair of hands</legend>
    <label class="flex items-center gap-2">
      <input
        type="checkbox"
        class="size-4"
        :checked="second === undefined"
        @change="emit('change', second ? undefined : { week, can: DOINGS.map((d) => d.value) })"
      />
      there at the same hours, and does everything
    </label>
    <template v-if="second">
      <p class="mt-2 flex flex-wrap gap-x-4 gap-y-1">
        <span class="text-quiet">can</span>
        <label v-for="d in DOINGS" :key="d.value" class="flex items-center gap-1.5">
          <input
            type="checkbox"
            class="size-4"
            :checked="second.can.includes(d.value)"
            :disabled="second.can.length === 1 && second.can.includes(d.value)"
            @change="
              emit('change', { ...second, can: second.can.includes(d.value) ? without(second.can, d.value) : [...second.can, d.value] })
            "
          />
          {{ d.label }}
        </label>
      </p>
      <WeekHours class="mt-2" :week="second.week" whose="the second" @change="emit('change', { ...second, week: $event })" />
    </template>
  </fieldset>
</template>
