<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { answered, api, type Schemas } from '@/api/client'
import { useJob } from '@/kept/useJob'
import JobNote from '@/parts/JobNote.vue'
import ProblemNote from '@/parts/ProblemNote.vue'
import { readable, time as clock } from '../order/dates'
import { costOf, named, taken } from './daysOf'

/** Why a task stands where it does, and what it would cost to have it elsewhere. */
const props = defineProps<{ id: string; task: Schemas['PlacedTask']; planned: Schemas['Planned']; busy: boolean }>()
const emit = defineEmits<{ pin: [pins: Schemas['Pin'][]] }>()
const others = computed(() => props.planned.pins.filter((p) => p.uid !== props.task.uid))
const pinned = computed(() => others.value.length < props.planned.pins.length)
const pinAt = ref('')
const here = computed(() => [...others.value, { uid: props.task.uid, from: `${pinAt.value}:00` }])

/** What pinning it there would bring, before it is. */
const trial = useJob<Schemas['DaysView']>(() =>
  answered(
    api.POST('/api/orders/{id}/days', {
      params: { path: { id: props.id }, query: { keep: false } },
      body: { pins: here.value, together: [] },
    }),
  ),
)
const tried = ref<string>()
async function tryIt() {
  tried.value = undefined
  await trial.run()
  const found = trial.result.value?.planned?.calendar
  tried.value = found && costOf(props.planned.calendar, found)
}
watch(
  () => props.task,
  (task) => (pinAt.value = task.from.slice(0, 16)),
  { immediate: true },
)
watch([() => props.task, pinAt], () => (tried.value = undefined))
</script>

<template>
  <div>
    <h2 class="text-head">{{ named(task) }}</h2>
    <p class="text-quiet italic">{{ task.species }}</p>
    <p class="mt-1">{{ readable(task.from) }} to {{ clock(task.to) }}{{ task.maker > 1 ? ', by the second pair of hands' : '' }}</p>
    <p class="mt-2" data-because>Why then: {{ task.because }}.</p>
    <p v-if="task.meanwhile" class="mt-2">
      Then it waits until {{ readable(task.meanwhile.until) }}; {{ readable(task.meanwhile.enough) }} is soon enough.
    </p>
    <p v-for="t in task.takes" :key="t.tool" class="mt-1">Takes {{ taken(t) }} until {{ readable(t.until) }}.</p>
    <p v-if="task.meanwhile?.closes" class="mt-1">After {{ readable(task.meanwhile.closes) }} it no longer bends.</p>
    <form v-if="!task.done" class="mt-3 flex items-end gap-2" @submit.prevent="emit('pin', here)">
      <label class="min-w-0 flex-1 text-note text-quiet"
        >begin it at<input v-model="pinAt" type="datetime-local" class="field text-body text-ink" required
      /></label>
      <button type="submit" class="act" :disabled="busy || trial.busy.value">Pin it</button>
    </form>
    <p v-if="!task.done && pinAt !== task.from.slice(0, 16)" class="mt-2">
      <button type="button" class="act-quiet !px-0" :disabled="busy || trial.busy.value" @click="tryIt">What would that cost?</button>
    </p>
    <JobNote v-if="trial.job.value && trial.busy.value" :job="trial.job.value" class="mt-1" @stop="trial.stop" />
    <p v-if="tried" role="status" class="mt-1 border border-line bg-sheet p-2" data-tried>{{ tried }}</p>
    <ProblemNote v-if="trial.fault.value" :error="trial.fault.value as Error" class="mt-1" />
    <button v-if="pinned" type="button" class="act-quiet !px-0" :disabled="busy" @click="emit('pin', others)">
      It is pinned: let it go
    </button>
  </div>
</template>
