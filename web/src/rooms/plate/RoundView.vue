<script setup lang="ts">
import { onBeforeUnmount, onMounted, ref, shallowRef, watch } from 'vue'
import type { SpeciesDocument } from '@/api/client'
import { Failure, token } from '@/api/client'
import ProblemNote from '@/parts/ProblemNote.vue'
import CrossingList from './CrossingList.vue'
import { roundStage, type RoundStage } from './roundStage'

/** The flower in the round, turned by hand; drawn only when something changes. */
const props = defineProps<{ species: SpeciesDocument; speciesId: string; lit: string | null; selected: string | null }>()
const emit = defineEmits<{ 'update:selected': [id: string | null]; opens: [id: string, by: number] }>()
const SETTLED_MS = 120

const canvas = ref<HTMLCanvasElement>()
const open = ref(1)
const fault = shallowRef<unknown>()
const drawn = ref(false)
let stage: RoundStage | undefined
let asked = 0
let timer: ReturnType<typeof setTimeout> | undefined

async function ask() {
  const turn = ++asked
  try {
    const answer = await fetch('/api/round', {
      method: 'POST',
      headers: { 'content-type': 'application/json', ...token() },
      body: JSON.stringify({ species: props.species, open: open.value }),
    })
    if (!answer.ok) throw new Failure((await answer.json()) as never, answer.status)
    const glb = await answer.arrayBuffer()
    if (turn !== asked || !stage) return
    await stage.show(glb)
    stage.light(props.lit ?? props.selected)
    drawn.value = true
    fault.value = undefined
  } catch (e) {
    if (turn === asked) fault.value = e
  }
}

onMounted(() => {
  try {
    stage = roundStage(canvas.value!, (id) => emit('update:selected', id))
    void ask()
  } catch {
    fault.value = new Error(
      'This browser cannot draw in three dimensions. Switch its hardware acceleration on, or export the flower as glTF.',
    )
  }
})
onBeforeUnmount(() => {
  clearTimeout(timer)
  stage?.leave()
})
watch(
  [() => props.species, open],
  () => {
    clearTimeout(timer)
    timer = setTimeout(ask, SETTLED_MS)
  },
  { deep: true },
)
watch(
  () => props.lit ?? props.selected,
  (id) => stage?.light(id),
)
</script>

<template>
  <section class="relative min-w-0 bg-sheet" aria-label="The flower in the round">
    <canvas
      ref="canvas"
      class="block size-full touch-none"
      tabindex="0"
      aria-label="The flower in the round: drag to turn it, scroll to come nearer; arrow keys turn it too"
      :data-drawn="drawn"
    />
    <ProblemNote v-if="fault" :error="fault" class="absolute top-12 left-4" />
    <CrossingList
      v-if="drawn"
      class="absolute top-2 left-4"
      :species="species"
      :open="open"
      @select="emit('update:selected', $event)"
      @opens="(id, by) => emit('opens', id, by)"
    />
    <div class="absolute inset-x-4 bottom-3 flex items-end gap-4">
      <label class="w-64 text-note text-quiet">
        <span class="flex justify-between"
          ><span>bud</span><span>opened to {{ Math.round(100 * open) }} %</span><span>full</span></span
        >
        <input
          v-model.number="open"
          type="range"
          min="0"
          max="1"
          step="0.05"
          class="w-full accent-accent"
          aria-label="how far it is opened"
        />
      </label>
      <span class="flex-1" />
      <a class="act-quiet" :href="`/api/species/${speciesId}/round.glb`" download="flower.glb">Export as glTF</a>
    </div>
  </section>
</template>
