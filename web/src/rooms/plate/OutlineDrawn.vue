<script setup lang="ts">
import { Dialog, DialogPanel, DialogTitle } from '@headlessui/vue'
import { computed, ref, shallowRef, watch } from 'vue'
import { answered, api, type Schemas } from '@/api/client'
import NumberField from '@/parts/fields/NumberField.vue'
import { field } from '@/parts/fields/schema'
import SchemaNumber from '@/parts/fields/SchemaNumber.vue'
import ProblemNote from '@/parts/ProblemNote.vue'
import type { Outline } from './useOutline'

/** An outline that was drawn elsewhere: one closed path, scaled by its length. */
const props = defineProps<{ open: boolean; lengthMm: number }>()
const emit = defineEmits<{ close: []; drawn: [outline: Outline] }>()
const EXAMPLE = 'M 50 100 C 20 90 0 50 20 20 C 30 0 70 0 80 20 C 100 50 80 90 50 100 Z'

const text = ref('')
const length = ref(props.lengthMm)
const turn = ref(0)
const view = shallowRef<Schemas['OutlineView']>()
const fault = shallowRef<unknown>()
let asked = 0

watch(
  () => props.open,
  (open) => {
    if (open) length.value = props.lengthMm
  },
)

watch([text, length, turn], async () => {
  const mine = ++asked
  view.value = undefined
  fault.value = undefined
  if (!text.value.trim()) return
  try {
    const seen = await answered(api.POST('/api/outline/read', { body: { text: text.value, lengthMm: length.value, turnDeg: turn.value } }))
    if (mine === asked) view.value = seen
  } catch (e) {
    if (mine === asked) fault.value = e
  }
})

async function choose(event: Event) {
  const file = (event.target as HTMLInputElement).files?.[0]
  if (file) text.value = await file.text()
}

const path = computed(() => `M${(view.value?.ring ?? []).map((n, i) => (i % 2 ? -n : n)).join(' ')}Z`)
const box = computed(() => {
  const { lengthMm, widthMm } = view.value!.outline
  const reach = Math.max(...view.value!.ring.filter((_, i) => i % 2 === 0).map(Math.abs), widthMm / 2)
  return `${-reach * 1.05} ${-lengthMm * 1.03} ${reach * 2.1} ${lengthMm * 1.06}`
})
</script>

<template>
  <Dialog :open="open" class="fixed inset-0 z-40 bg-ink/30" @close="emit('close')">
    <DialogPanel class="mx-auto mt-12 w-[44rem] max-w-[94vw] border border-ink bg-sheet p-5">
      <DialogTitle class="text-head">An outline from a drawing</DialogTitle>
      <p class="mt-1 text-quiet">An SVG file with one path, or the data of the path itself: one closed line, the tip up, the base down.</p>
      <div class="mt-3 grid grid-cols-[minmax(0,1fr)_12rem] gap-4">
        <div>
          <label class="block text-note text-quiet" for="drawn-text">drawing, or path</label>
          <textarea id="drawn-text" v-model="text" rows="7" spellcheck="false" class="field text-note" :placeholder="EXAMPLE" />
          <p class="mt-2 flex items-center gap-3">
            <label class="act-quiet cursor-pointer"
              >Open a file …<input type="file" accept=".svg,image/svg+xml" class="sr-only" @change="choose"
            /></label>
            <button type="button" class="act-quiet" @click="text = EXAMPLE">Show me with an example</button>
          </p>
          <div class="mt-2 grid grid-cols-2 gap-3">
            <SchemaNumber label="length" :node="field('Outline', 'lengthMm')" :value="length" @change="length = $event" />
            <NumberField
              label="turned"
              hint="Clockwise, so that the tip points up."
              :value="turn"
              unit="°"
              :digits="0"
              :min="-180"
              :max="180"
              :step="15"
              :whole="false"
              @change="turn = $event"
            />
          </div>
          <ProblemNote v-if="fault" :error="fault" class="mt-2" />
        </div>
        <div class="border border-line p-2">
          <svg v-if="view" class="h-52 w-full" :viewBox="box" role="img" aria-label="The outline that was read">
            <path :d="path" fill="var(--color-ground)" stroke="var(--color-ink)" stroke-width="0.4" />
          </svg>
          <p v-else class="grid h-52 place-items-center text-center text-quiet">What is read is drawn here.</p>
          <p v-if="view" class="text-center">
            {{ $told(`${view.outline.lengthMm.toFixed(1)}\u00a0×\u00a0${view.outline.widthMm.toFixed(1)}\u00a0mm`) }}
          </p>
        </div>
      </div>
      <p class="mt-4 flex justify-end gap-3">
        <button type="button" class="act-quiet" @click="emit('close')">Leave it</button>
        <button type="button" class="act" :disabled="!view" @click="view && emit('drawn', view.outline)">Cut it so</button>
      </p>
    </DialogPanel>
  </Dialog>
</template>
