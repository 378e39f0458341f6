<script setup lang="ts">
import { answered, api, type Schemas } from '@/api/client'
import { useJob } from '@/kept/useJob'
import JobNote from '@/parts/JobNote.vue'
import ProblemNote from '@/parts/ProblemNote.vue'
import { takeable } from './daysOf'

/** What would make it likelier that an order is ready in time: each tried when it is asked for, taken with one touch where it can be. */
const props = defineProps<{ id: string; busy: boolean }>()
const emit = defineEmits<{ take: [help: Schemas['Help']] }>()
const tried = useJob<Schemas['WhatBetters']>(() =>
  answered(api.POST('/api/orders/{id}/days/better', { params: { path: { id: props.id } } })),
)
</script>

<template>
  <div class="mt-1 print:hidden" data-betters>
    <button type="button" class="act-quiet !px-0" :disabled="tried.busy.value || busy" @click="tried.run()">What would better it?</button>
    <JobNote v-if="tried.busy.value && tried.job.value" :job="tried.job.value" @stop="tried.stop" />
    <ProblemNote v-if="tried.fault.value" :error="tried.fault.value" />
    <template v-if="tried.result.value && !tried.busy.value">
      <p v-if="tried.result.value.better.length === 0" class="text-quiet">Nothing that was tried makes it likelier.</p>
      <ul v-else class="max-w-xl">
        <li v-for="one in tried.result.value.better" :key="one.change.label" class="flex items-baseline gap-3 border-t border-line py-1">
          <span class="min-w-0 flex-1">{{ one.change.label }}</span>
          <span class="whitespace-nowrap"
            ><strong>{{ one.inHundred }}</strong> in 100</span
          >
          <button v-if="takeable(one.change)" type="button" class="act-quiet" :disabled="busy" @click="emit('take', one.change)">
            Do it
          </button>
        </li>
      </ul>
      <p v-if="tried.result.value.inHundred !== undefined" class="text-note text-quiet">
        Each by a quick plan; as it is, that comes to {{ tried.result.value.inHundred }} in 100.
      </p>
    </template>
  </div>
</template>
