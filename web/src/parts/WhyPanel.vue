<script setup lang="ts">
import { shallowRef, watchEffect } from 'vue'
import type { Schemas } from '@/api/client'
import { written } from '@/measure/figures'
import { useLengths } from '@/measure/useLengths'
import ProblemNote from './ProblemNote.vue'

/** The reason of one figure, fetched as it opens and again as the figure changes. */
const props = defineProps<{ why: () => Schemas['Why'] | Promise<Schemas['Why']> }>()
const lengths = useLengths()
const reason = shallowRef<Schemas['Why']>()
const fault = shallowRef<unknown>()

watchEffect(async () => {
  const asked = props.why()
  try {
    reason.value = await asked
    fault.value = undefined
  } catch (e) {
    fault.value = e
  }
})
</script>

<template>
  <ProblemNote v-if="fault" :error="fault" />
  <template v-else-if="reason">
    <p>{{ $told(reason.rule) }}</p>
    <dl class="mt-2 grid grid-cols-[1fr_auto] gap-x-3">
      <template v-for="input in reason.inputs" :key="input.label">
        <dt class="text-quiet">{{ $told(input.label) }}</dt>
        <dd class="text-right">
          {{ written(input.value, input.unit, lengths.unit).number }}
          {{ written(input.value, input.unit, lengths.unit).unit }}
        </dd>
      </template>
    </dl>
    <p class="mt-2 text-quiet italic">{{ reason.source }}</p>
  </template>
  <p v-else class="text-quiet">…</p>
</template>
