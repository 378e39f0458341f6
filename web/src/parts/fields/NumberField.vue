<script setup lang="ts">
import { computed, ref, useId, watch } from 'vue'
import { readLength, readNumber, trimmed, writeLength } from '@/measure/lengths'
import { useLeaving } from '@/kept/useLeaving'
import { useLengths } from '@/measure/useLengths'
import WeighDialog from '../WeighDialog.vue'

const props = defineProps<{
  label: string
  value: number
  unit: string
  digits: number
  min: number
  max: number
  step: number
  whole?: boolean
  hint?: string
}>()
const emit = defineEmits<{ change: [value: number] }>()
const lengths = useLengths()
const id = useId()
const typed = ref('')
const fault = ref('')

const weighing = ref(false)
const isWeight = computed(() => props.unit === 'g')

/** A weight off the scale, held within what the field takes. */
function weighed(grams: number) {
  weighing.value = false
  typed.value = trimmed(grams, shownDigits.value)
  commit()
}

const isLength = computed(() => props.unit === 'mm')
const shownUnit = computed(() => (isLength.value ? lengths.unit : props.unit))
const shownDigits = computed(() => (props.step < 0.1 || props.unit === '' ? 2 : Math.max(1, props.digits)))
const shown = computed(() =>
  isLength.value ? writeLength(props.value, lengths.unit, shownDigits.value) : trimmed(props.value, shownDigits.value),
)
watch(
  shown,
  (now) => {
    typed.value = now
    fault.value = ''
  },
  { immediate: true },
)

function commit() {
  if (typed.value === shown.value) return
  const value = isLength.value ? readLength(typed.value, lengths.unit) : readNumber(typed.value)
  if (value === undefined || Number.isNaN(value)) {
    fault.value = `“${typed.value}” is not a ${isLength.value ? 'length: try 32, 3.2cm or 1 1/4in' : 'number'}`
  } else if (value < props.min || value > props.max) {
    fault.value = `from ${bound(props.min)} to ${bound(props.max)} ${shownUnit.value}`
  } else if (props.whole && value !== Math.round(value)) {
    fault.value = 'a whole number'
  } else {
    fault.value = ''
    emit('change', value)
  }
}

useLeaving(commit)

function bound(value: number) {
  return isLength.value ? writeLength(value, lengths.unit) : trimmed(value, 2)
}

function nudge(direction: number) {
  const value = Number((props.value + direction * props.step).toFixed(4))
  emit('change', Math.min(props.max, Math.max(props.min, value)))
}
</script>

<template>
  <div class="min-w-0">
    <div class="flex items-baseline gap-1 text-note">
      <label :for="id" class="min-w-0 flex-1 truncate text-quiet" :title="hint">{{ label }}</label>
      <button
        v-if="isWeight"
        type="button"
        class="text-accent italic hover:underline"
        :aria-label="`Weigh: ${label}`"
        @click="weighing = true"
      >
        weigh
      </button>
    </div>
    <div class="flex border border-line bg-sheet focus-within:border-accent">
      <button
        type="button"
        data-step
        class="w-5 shrink-0 text-quiet hover:bg-ground"
        :aria-label="`less: ${label}`"
        tabindex="-1"
        @click="nudge(-1)"
      >
        −
      </button>
      <input
        :id="id"
        v-model="typed"
        class="min-h-7 w-full min-w-0 bg-transparent text-right font-medium outline-none"
        inputmode="decimal"
        autocomplete="off"
        :aria-invalid="fault !== ''"
        :aria-describedby="fault ? `${id}-fault` : undefined"
        @change="commit"
        @keydown.enter.prevent="commit"
        @keydown.up.prevent="nudge(1)"
        @keydown.down.prevent="nudge(-1)"
      />
      <span class="shrink-0 self-center pr-0.5 pl-0.5 text-note text-quiet">{{ shownUnit }}</span>
      <button
        type="button"
        data-step
        class="w-5 shrink-0 text-quiet hover:bg-ground"
        :aria-label="`more: ${label}`"
        tabindex="-1"
        @click="nudge(1)"
      >
        +
      </button>
    </div>
    <WeighDialog v-if="weighing" :what="label" @weighed="weighed" @close="weighing = false" />
    <p v-if="fault" :id="`${id}-fault`" role="alert" class="text-note font-medium">■ {{ fault }}</p>
  </div>
</template>
