<script setup lang="ts">
import { computed, onScopeDispose, ref, shallowRef, watch } from 'vue'
import { answered, api, isPetaled, type Schemas, type SpeciesDocument } from '@/api/client'
import { written } from '@/measure/figures'
import { useLengths } from '@/measure/useLengths'
import ProblemNote from '@/parts/ProblemNote.vue'

/** Petals that would pass through each other, found once the flower stands still. */
const props = defineProps<{ species: SpeciesDocument; open: number }>()
const emit = defineEmits<{ select: [id: string]; opens: [id: string, by: number] }>()
type Crossing = Schemas['Crossing']

const STILL_MS = 500
const lengths = useLengths()
const found = shallowRef<Crossing[]>()
const fault = shallowRef<unknown>()
const seeking = ref<string>()
const unhelped = ref<string>()
let asked = 0
let timer: ReturnType<typeof setTimeout> | undefined
onScopeDispose(() => {
  clearTimeout(timer)
  asked++
})

async function ask() {
  const turn = ++asked
  try {
    const answer = await answered(api.POST('/api/round/crossings', { body: { species: props.species, open: props.open } }))
    if (turn !== asked) return
    found.value = answer
    fault.value = undefined
  } catch (e) {
    if (turn === asked) fault.value = e
  }
}

watch(
  [() => props.species, () => props.open],
  () => {
    found.value = undefined
    unhelped.value = undefined
    clearTimeout(timer)
    timer = setTimeout(ask, STILL_MS)
  },
  { deep: true, immediate: true },
)

const nameOf = (id: string) => props.species.parts.find((p) => p.id === id)?.name ?? id
const asDesigned = computed(() => props.open === 1)
const keyOf = (c: Crossing) => `${c.innerId} ${c.outerId}`
function deep(c: Crossing) {
  const { number, unit } = written(c.deepestMm, 'mm', lengths.unit)
  return `${number} ${unit}`
}

async function clear(c: Crossing) {
  seeking.value = keyOf(c)
  unhelped.value = undefined
  try {
    const { opensDeg } = await answered(
      api.POST('/api/round/clearing', { body: { species: props.species, innerId: c.innerId, outerId: c.outerId } }),
    )
    const part = props.species.parts.find((p) => p.id === c.outerId)
    if (opensDeg === undefined) unhelped.value = keyOf(c)
    else if (part && isPetaled(part)) emit('opens', c.outerId, opensDeg - part.pieces.opensDeg)
  } catch (e) {
    fault.value = e
  } finally {
    seeking.value = undefined
  }
}
</script>

<template>
  <div class="max-w-[30rem]" aria-live="polite" data-crossings>
    <ProblemNote v-if="fault" :error="fault" />
    <p v-else-if="!found" class="text-quiet">looking whether petals pass through each other …</p>
    <p v-else-if="found.length === 0">
      <span aria-hidden="true">●</span> fine <span class="text-quiet">no petals pass through each other</span>
    </p>
    <ul v-else class="max-h-28 space-y-1 overflow-y-auto">
      <li v-for="crossing in found" :key="keyOf(crossing)" class="flex flex-wrap items-baseline gap-x-2">
        <strong><span aria-hidden="true">◆</span> look</strong>
        <span v-if="crossing.innerId === crossing.outerId">
          pieces of
          <button type="button" class="text-accent italic hover:underline" @click="emit('select', crossing.outerId)">
            {{ nameOf(crossing.outerId) }}
          </button>
          pass through each other by {{ deep(crossing) }}
        </span>
        <span v-else>
          <button type="button" class="text-accent italic hover:underline" @click="emit('select', crossing.outerId)">
            {{ nameOf(crossing.outerId) }}
          </button>
          passes through
          <button type="button" class="text-accent italic hover:underline" @click="emit('select', crossing.innerId)">
            {{ nameOf(crossing.innerId) }}
          </button>
          by {{ deep(crossing) }}
        </span>
        <button
          v-if="asDesigned && crossing.innerId !== crossing.outerId && unhelped !== keyOf(crossing)"
          type="button"
          class="act-quiet min-h-0 py-0"
          :disabled="seeking !== undefined"
          @click="clear(crossing)"
        >
          {{ seeking === keyOf(crossing) ? 'seeking an angle …' : 'open it clear' }}
        </button>
        <span v-if="unhelped === keyOf(crossing)" class="text-quiet"
          >opening or closing alone does not clear it: try a shallower former, or fewer or smaller petals</span
        >
      </li>
    </ul>
  </div>
</template>
