<script setup lang="ts">
import { ref, watch } from 'vue'
import { answered, api, type Schemas } from '@/api/client'
import { field } from '@/parts/fields/schema'
import SchemaNumber from '@/parts/fields/SchemaNumber.vue'
import ProblemNote from '@/parts/ProblemNote.vue'

/** Measure one petal as it was thinned: how thin it is, and what to do. The last ones stand beside each other: practice shrinks their spread. */
const props = defineProps<{ order: string; card: Schemas['BenchCard'] }>()
const emit = defineEmits<{ say: [said: NonNullable<Schemas['BenchEvent']['said']>] }>()
const LAST = 10
const length = ref(0)
const width = ref(0)
const found = ref<Schemas['Measured']>()
const fault = ref<unknown>()
const past = ref<number[]>([])
/** Whether it was asked before both lengths were typed. */
const missing = ref(false)
watch(
  () => props.card.key,
  () => {
    found.value = undefined
    past.value = []
  },
)

async function measure() {
  fault.value = undefined
  missing.value = length.value <= 0 || width.value <= 0
  if (missing.value) return
  try {
    const body = { line: props.card.line, part: props.card.part ?? '', lengthMm: length.value, widthMm: width.value }
    found.value = await answered(api.POST('/api/orders/{id}/bench/measured', { params: { path: { id: props.order } }, body }))
    past.value = [...past.value, found.value.offShare].slice(-LAST)
    emit('say', { kind: 'petal-measured', lengthMm: length.value, widthMm: width.value })
  } catch (e) {
    fault.value = e
  }
}
const spread = () => Math.round(100 * (Math.max(...past.value) - Math.min(...past.value)))
</script>

<template>
  <details class="border-t border-line pt-2" data-measure>
    <summary class="cursor-pointer text-lead text-quiet">measure a petal</summary>
    <form class="mt-2 flex items-end gap-2" @submit.prevent="measure">
      <SchemaNumber label="long" :node="field('Outline', 'lengthMm')" :step="0.5" :value="length" @change="length = $event" />
      <SchemaNumber label="wide" :node="field('Outline', 'widthMm')" :step="0.5" :value="width" @change="width = $event" />
      <button type="submit" class="act">Work it out</button>
    </form>
    <p v-if="missing" role="alert" class="mt-2">■ Type how long the petal is and how wide, then ask.</p>
    <ProblemNote v-if="fault" :error="fault" class="mt-2" />
    <p v-if="found" class="mt-2 text-lead" role="status">
      <strong>{{ $told(`${found.thickMm.toFixed(2)}\u00a0mm`) }}</strong>, wanted {{ $told(`${found.wantedMm.toFixed(2)}\u00a0mm`) }}:
      {{ $told(found.advice) }}.
    </p>
    <div
      v-if="past.length > 1"
      class="mt-2 flex items-center gap-3"
      :aria-label="`The last ${past.length} petals are spread over ${spread()} %`"
    >
      <svg viewBox="-50 0 100 12" class="h-4 w-48 overflow-visible">
        <path d="M-50 6H50M0 0V12" class="fill-none stroke-line" />
        <circle
          v-for="(off, i) in past"
          :key="i"
          :cx="Math.max(-50, Math.min(50, 100 * off))"
          cy="6"
          r="2.5"
          class="fill-accent"
          :fill-opacity="0.3 + (0.7 * (i + 1)) / past.length"
        />
      </svg>
      <span class="text-note text-quiet">thinner · as designed · thicker; spread over {{ spread() }} %</span>
    </div>
  </details>
</template>
