<script setup lang="ts">
import type { Schemas } from '@/api/client'
import { choicesOf, definition } from '@/parts/fields/schema'

/** What was learnt of what breaks. */
defineProps<{ lesson: Schemas['BreakageLesson']; taken: boolean; busy: boolean }>()
const emit = defineEmits<{ go: [taken: boolean] }>()
const sort = (value: string) => choicesOf(definition('PieceSort')).find((c) => c.value === value)?.label ?? value
const percent = (share: number) => `${(100 * share).toFixed(1)} %`
</script>

<template>
  <section class="mt-5" aria-label="Breakage" data-lesson>
    <p v-if="lesson.broken + lesson.whole === 0" class="text-quiet">
      No pieces were counted yet: spares go by {{ percent(lesson.beforeShare) }} breakage.
    </p>
    <template v-else>
      <p>
        {{ lesson.broken }} of {{ lesson.broken + lesson.whole }} pieces broke: {{ percent(lesson.share) }} are to be reckoned with,
        {{ percent(lesson.beforeShare) }} before.
      </p>
      <table class="mt-1 w-full" aria-label="Breakage by sort">
        <thead>
          <tr class="text-left text-note text-quiet">
            <th class="font-normal">sort of pieces</th>
            <th class="text-right font-normal">broke</th>
            <th class="text-right font-normal">reckon with</th>
            <th class="text-right font-normal">four in five</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="s in lesson.sorts" :key="s.sort" class="border-t border-line">
            <td>{{ sort(s.sort) }}</td>
            <td class="text-right text-quiet">{{ s.broken }} of {{ s.broken + s.whole }}</td>
            <td class="text-right font-medium">{{ percent(s.share) }}</td>
            <td class="text-right text-quiet">{{ (100 * s.low).toFixed(0) }}–{{ (100 * s.high).toFixed(0) }} %</td>
          </tr>
        </tbody>
      </table>
      <ul class="text-note text-quiet">
        <li v-for="b in lesson.parts.filter((p) => p.broken)" :key="`${b.species} ${b.part}`">
          {{ b.part }} of {{ b.species }}: {{ b.broken }} of {{ b.broken + b.whole }}
        </li>
      </ul>
      <p class="mt-1 flex gap-2">
        <button type="button" class="act" :disabled="busy" @click="emit('go', true)">
          {{ taken ? 'Use this as it is now' : 'Use this' }}
        </button>
        <button v-if="taken" type="button" class="act-quiet" :disabled="busy" @click="emit('go', false)">Forget it</button>
      </p>
    </template>
  </section>
</template>
