<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { answered, api, type Schemas } from '@/api/client'
import { writeLength } from '@/measure/lengths'
import { useLengths } from '@/measure/useLengths'
import StripDrawing from './StripDrawing.vue'

/** How a cutter nests on a strip as wide as the roller, asked for when it is looked at; or as it lies on the ridged board. */
const props = defineProps<{ cut: Schemas['Cut']; nesting?: Schemas['Nesting']; twoColoured?: boolean }>()
const lengths = useLengths()
const found = useQuery({
  queryKey: computed(() => ['nesting', props.cut]),
  queryFn: () => answered(api.POST('/api/drawer/nesting', { body: props.cut })),
  placeholderData: (before) => before,
})
const nesting = computed(() => props.nesting ?? found.data.value?.nesting)
const again = computed(() => (props.twoColoured ? 0 : (found.data.value?.rekneadShare ?? 0)))
</script>

<template>
  <figure v-if="found.data.value && nesting" class="mt-1">
    <StripDrawing :nesting="nesting" :ring="found.data.value.ring" />
    <figcaption class="mt-1 text-note">
      turned by {{ nesting.turnDeg.toFixed(0) }}° on a strip {{ writeLength(nesting.stripMm, lengths.unit) }} {{ lengths.unit }} wide:
      <strong>{{ (100 * nesting.stripYield).toFixed(0) }} %</strong> is cut, in a plain grid {{ (100 * nesting.gridYield).toFixed(0) }} %.
      With {{ again === 0 ? 'nothing' : `${(100 * again).toFixed(0)} %` }} of the trimmings kneaded again,
      {{ ((100 * (1 - again) * (1 - nesting.stripYield)) / nesting.stripYield).toFixed(0) }} g are lost for every 100 g cut.
    </figcaption>
  </figure>
</template>
