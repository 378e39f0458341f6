<script setup lang="ts">
import { shallowRef, watch } from 'vue'
import { answered, api, type Schemas } from '@/api/client'
import SchemaFields from '@/parts/fields/SchemaFields.vue'
import { useHeld } from '@/kept/useHeld'
import { type SchemaNode, usual } from '@/parts/fields/schema'
import ProblemNote from '@/parts/ProblemNote.vue'
import QuickFigures from './QuickFigures.vue'
import QuickGauges from './QuickGauges.vue'
import QuickSwatches from './QuickSwatches.vue'

/** One question of the bench: its fields, and the answer as they are typed. */
const props = defineProps<{ kind: string; node: SchemaNode }>()
type Question = Schemas['QuickQuestion']

const BEGUN: Record<string, Record<string, unknown>> = { 'shade-mix': { strong: '#b5305a' } }
const question = useHeld(`quick.${props.kind}`, { ...(usual(props.node) as Record<string, unknown>), ...BEGUN[props.kind] } as Question)
const answer = shallowRef<Schemas['QuickAnswer']>()
const fault = shallowRef<unknown>()
let asked = 0

async function ask() {
  const turn = ++asked
  try {
    const said = await answered(api.POST('/api/quick', { body: question.value }))
    if (turn === asked) [answer.value, fault.value] = [said, undefined]
  } catch (e) {
    if (turn === asked) [answer.value, fault.value] = [undefined, e]
  }
}
watch(question, ask, { immediate: true })

/** Sets one field; what is kept is a new question each time. */
function change(path: string, value: unknown) {
  const steps = path.split('/').slice(1)
  const copy = JSON.parse(JSON.stringify(question.value)) as Record<string, unknown>
  let into = copy
  for (const step of steps.slice(0, -1)) into = into[step] as Record<string, unknown>
  into[steps.at(-1)!] = value
  question.value = copy as Question
}
</script>

<template>
  <section class="min-w-0 bg-ground px-3 py-1.5 [&_[data-step]]:hidden" :data-question="kind" :aria-label="node.title">
    <h2 class="text-head" :title="node.description">{{ node.title }}</h2>
    <SchemaFields :node="node" :value="question as unknown as Record<string, unknown>" path="" @change="change" />
    <ProblemNote v-if="fault" :error="fault" class="mt-2 text-note" />
    <div v-if="answer" class="mt-1" aria-live="polite">
      <QuickFigures :figures="answer.figures" />
      <QuickGauges v-if="answer.gauges.length" :rows="answer.gauges" />
      <QuickSwatches v-if="answer.swatches.length" :swatches="answer.swatches" />
      <p v-for="note in answer.notes" :key="note" class="mt-1 text-note">◆ {{ $told(note) }}</p>
    </div>
  </section>
</template>
