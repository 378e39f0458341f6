<script setup lang="ts">
import type { Schemas } from '@/api/client'

/** The hours of a week, day by day. */
defineProps<{ week: Schemas['DayHours'][]; whose?: string }>()
const emit = defineEmits<{ change: [week: Schemas['DayHours'][]] }>()
const NAMES = ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday']
const set = (week: Schemas['DayHours'][], at: number, changed: Partial<Schemas['DayHours']>) =>
  emit(
    'change',
    week.map((d, i) => (i === at ? { ...d, ...changed } : d)),
  )
const typed = (event: Event) => (event.target as HTMLInputElement).value
</script>

<template>
  <div class="grid grid-cols-[9rem_8rem_8rem] items-center gap-x-3 gap-y-1">
    <template v-for="(hours, i) in week" :key="i">
      <label class="flex items-center gap-2"
        ><input
          type="checkbox"
          class="size-4"
          :aria-label="whose && `${whose} ${NAMES[i]}`"
          :checked="hours.works"
          @change="set(week, i, { works: ($event.target as HTMLInputElement).checked })"
        />
        {{ NAMES[i] }}</label
      >
      <input
        type="time"
        class="field"
        :aria-label="`${whose ?? ''} ${NAMES[i]} from`.trim()"
        :disabled="!hours.works"
        :value="hours.from.slice(0, 5)"
        @change="typed($event) && set(week, i, { from: `${typed($event)}:00` })"
      />
      <input
        type="time"
        class="field"
        :aria-label="`${whose ?? ''} ${NAMES[i]} to`.trim()"
        :disabled="!hours.works"
        :value="hours.to.slice(0, 5)"
        @change="typed($event) && set(week, i, { to: `${typed($event)}:00` })"
      />
    </template>
  </div>
</template>
