<script setup lang="ts">
import { Dialog, DialogPanel, DialogTitle } from '@headlessui/vue'
import { computed, onBeforeUnmount, ref } from 'vue'
import { answered, api, type Schemas } from '@/api/client'
import ProblemNote from './ProblemNote.vue'

/** What the scale says, as it says it; a weight at rest can be taken, and one typed where the scale is silent. */
defineProps<{ what: string }>()
const emit = defineEmits<{ weighed: [grams: number]; close: [] }>()
const EVERY_MS = 200

const reading = ref<Schemas['Reading']>()
const pan = ref<Schemas['ScalePan']>()
const failure = ref<unknown>()
const typed = ref('')
const laid = ref(0)

async function read() {
  try {
    reading.value = await answered(api.GET('/api/scale'))
  } catch (e) {
    failure.value = e
  }
}
void read()
const timer = setInterval(read, EVERY_MS)
onBeforeUnmount(() => clearInterval(timer))

async function tare() {
  failure.value = undefined
  try {
    await answered(api.POST('/api/scale/tare'))
  } catch (e) {
    failure.value = e
  }
}

async function simulate(change: Partial<Schemas['ScalePan']>) {
  const now = pan.value ?? (await answered(api.GET('/api/standins/scale')))
  pan.value = await answered(api.PUT('/api/standins/scale', { body: { ...now, ...change } }))
}
void answered(api.GET('/api/standins/scale'))
  .then((now) => {
    pan.value = now
    laid.value = now.loadG
  })
  .catch(() => undefined)

const lost = computed(() => reading.value !== undefined && !reading.value.there)
const byHand = computed(() => Number(typed.value.replace(',', '.')))
</script>

<template>
  <Dialog :open="true" class="fixed inset-0 z-50 bg-ink/30" @close="emit('close')">
    <DialogPanel class="mx-auto mt-24 w-[26rem] max-w-[92vw] border border-ink bg-sheet p-5">
      <DialogTitle class="text-head">Weigh: {{ what }}</DialogTitle>
      <p v-if="reading?.there" class="mt-3 text-title leading-none font-medium" data-weight>
        {{ reading.grams?.toFixed(2) }} <span class="text-head font-normal text-quiet">g</span>
        <span class="ml-3 text-lead font-normal">{{ reading.steady ? '● at rest' : '◆ moving' }}</span>
      </p>
      <div v-if="lost" role="alert" class="mt-3">
        <p class="font-medium">■ The scale went silent.</p>
        <p v-if="reading?.lastSteadyG !== undefined">
          Last at rest it said {{ reading.lastSteadyG.toFixed(2) }} g; that is kept. See to its cable, take that weight, or type one.
        </p>
        <p v-else>See to its cable, or type the weight.</p>
        <p v-if="reading?.trouble" class="text-quiet">Why: {{ reading.trouble }}.</p>
      </div>
      <ProblemNote v-if="failure" :error="failure" class="mt-3" />
      <p class="mt-4 flex flex-wrap gap-2">
        <button
          type="button"
          class="act"
          :disabled="!reading?.there || !reading.steady || (reading.grams ?? 0) <= 0"
          @click="emit('weighed', reading!.grams!)"
        >
          Take this weight
        </button>
        <button v-if="lost && reading?.lastSteadyG !== undefined" type="button" class="act" @click="emit('weighed', reading.lastSteadyG)">
          Take the last one
        </button>
        <button type="button" class="act" :disabled="!reading?.there" @click="tare">Tare</button>
        <button type="button" class="act-quiet" @click="emit('close')">Leave it</button>
      </p>
      <form class="mt-3 flex items-end gap-2" @submit.prevent="byHand > 0 && emit('weighed', byHand)">
        <label class="flex-1 text-note text-quiet">or typed, in g<input v-model="typed" class="field" inputmode="decimal" /></label>
        <button type="submit" class="act" :disabled="!(byHand > 0)">Take it</button>
      </form>
      <fieldset v-if="pan" class="mt-4 border-t border-line pt-2">
        <legend class="heading-small">the simulated scale</legend>
        <p class="flex flex-wrap items-end gap-2">
          <label class="text-note text-quiet"
            >on its pan, g<input v-model="laid" class="field !w-24" type="number" step="0.1" @change="simulate({ loadG: Number(laid) })"
          /></label>
          <label class="flex items-center gap-1.5 pb-1.5"
            ><input
              type="checkbox"
              class="size-4"
              :checked="pan.plugged"
              @change="simulate({ plugged: ($event.target as HTMLInputElement).checked })"
            />its cable is in</label
          >
        </p>
      </fieldset>
    </DialogPanel>
  </Dialog>
</template>
