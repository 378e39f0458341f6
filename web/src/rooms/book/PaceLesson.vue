<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '@/api/client'
import { choicesOf, field } from '@/parts/fields/schema'

/** What was learnt of the pace, operation by operation. */
const props = defineProps<{ pace: Schemas['PaceLearnt'][]; own: Schemas['Own'][]; busy: boolean }>()
const emit = defineEmits<{ go: [choices: Schemas['LessonChoice'][]] }>()
const operation = (value: string) => choicesOf(field('Own', 'operation')).find((c) => c.value === value)?.label ?? value
const ownOf = (of: Schemas['Operation']) => props.own.find((o) => o.operation === of)
const notGoneBy = computed(() => props.pace.filter((p) => !ownOf(p.operation)))
</script>

<template>
  <section class="mt-5" aria-label="Pace" data-lesson>
    <p v-if="!pace.length" class="text-quiet">No work was timed yet: minutes go by the studio’s hand.</p>
    <p v-else>Each work that was timed tells of what it was made of; what is known of the hand beforehand weighs as much as three works.</p>
    <table v-if="pace.length" class="mt-1 w-full">
      <thead>
        <tr class="text-left text-note text-quiet">
          <th class="font-normal">operation, minutes each</th>
          <th class="text-right font-normal">by the hand</th>
          <th class="text-right font-normal">learnt</th>
          <th class="text-right font-normal">works</th>
          <th />
        </tr>
      </thead>
      <tbody>
        <tr v-for="p in pace" :key="p.operation" class="border-t border-line">
          <td>{{ operation(p.operation) }}</td>
          <td class="text-right">{{ p.handMin.toFixed(2) }}</td>
          <td class="text-right font-medium" :title="`usually ${p.lowMin.toFixed(2)} to ${p.highMin.toFixed(2)} min`">
            {{ p.learntMin.toFixed(2) }}
          </td>
          <td class="text-right text-quiet">{{ p.works.toFixed(1) }}</td>
          <td class="text-right">
            <button
              v-if="ownOf(p.operation)"
              type="button"
              class="act-quiet"
              :disabled="busy"
              :aria-label="`Forget ${operation(p.operation)}`"
              @click="emit('go', [{ of: 'pace', operation: p.operation, taken: false }])"
            >
              forget {{ ownOf(p.operation)!.eachMin.toFixed(2) }}
            </button>
            <button
              v-else
              type="button"
              class="act-quiet"
              :disabled="busy"
              :aria-label="`Use ${operation(p.operation)}`"
              @click="emit('go', [{ of: 'pace', operation: p.operation, taken: true }])"
            >
              use this
            </button>
          </td>
        </tr>
      </tbody>
    </table>
    <p v-if="notGoneBy.length" class="mt-2">
      <button
        type="button"
        class="act"
        :disabled="busy"
        @click="
          emit(
            'go',
            notGoneBy.map((p) => ({ of: 'pace', operation: p.operation, taken: true })),
          )
        "
      >
        Use all of them
      </button>
    </p>
  </section>
</template>
