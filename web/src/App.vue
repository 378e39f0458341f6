<script setup lang="ts">
import { defineAsyncComponent, onMounted, ref } from 'vue'
import { RouterLink, RouterView } from 'vue-router'
import { useLengths } from './measure/useLengths'
import { ROOMS } from './parts/places'
import { typing } from './parts/typing'
import { useRoom } from './parts/useRoom'
import { usePace } from './parts/usePace'
import { useTime } from './parts/useTime'
import { useWays } from './parts/useWays'
import UnreadableNote from './parts/UnreadableNote.vue'

/** What opens over a page comes after it, so that the page is there sooner. */
const finder = () => import('./parts/FinderDialog.vue')
const FinderDialog = defineAsyncComponent(finder)
const PaceDialog = defineAsyncComponent(() => import('./parts/PaceDialog.vue'))
const WaysDialog = defineAsyncComponent(() => import('./parts/WaysDialog.vue'))

const lengths = useLengths()
const finding = ref<boolean>()
const choosing = ref<boolean>()
const pacing = ref<boolean>()
const room = useRoom()
const ways = useWays()
const pace = usePace()
const time = useTime()

onMounted(() => {
  room.load().catch(() => undefined)
  ways.load().catch(() => undefined)
  pace.load().catch(() => undefined)
  time.load().catch(() => undefined)
  // Whoever presses its key begins to type at once.
  window.setTimeout(() => void finder(), 300)
  window.addEventListener('keydown', (event) => {
    if (event.key === '/' && !typing(event)) {
      event.preventDefault()
      finding.value = true
    }
  })
})
</script>

<template>
  <div class="flex h-full flex-col">
    <header class="not-printed flex h-11 shrink-0 items-center gap-6 border-b border-line px-4">
      <RouterLink to="/shelf" class="font-heading text-head italic">Crisp Whorl</RouterLink>
      <nav aria-label="Rooms" class="flex gap-5">
        <RouterLink
          v-for="place in ROOMS"
          :key="place.to"
          :to="place.to"
          class="border-b-2 border-transparent py-1.5 hover:border-line"
          active-class="!border-accent font-medium"
        >{{ place.label }}</RouterLink>
      </nav>
      <div id="room-heading" class="min-w-0 flex-1" />
      <button type="button" class="act-quiet" @click="choosing = true">Ways</button>
      <button type="button" class="act-quiet" @click="pacing = true">Pace</button>
      <button type="button" class="act-quiet" @click="finding = true">Find <kbd class="border border-line px-1 text-note">/</kbd></button>
      <button
        type="button"
        class="act-quiet"
        :aria-label="`Lengths in ${lengths.unit === 'mm' ? 'millimetres' : 'inches'}; change`"
        @click="lengths.unit = lengths.unit === 'mm' ? 'in' : 'mm'"
      >
        {{ lengths.unit === 'mm' ? 'mm' : 'inches' }}
      </button>
    </header>
    <UnreadableNote />
    <main class="min-h-0 flex-1 overflow-auto"><RouterView /></main>
    <PaceDialog v-if="pacing !== undefined" :open="pacing" @close="pacing = false" />
    <WaysDialog v-if="choosing !== undefined" :open="choosing" @close="choosing = false" />
    <FinderDialog v-if="finding !== undefined" :open="finding" @close="finding = false" />
  </div>
</template>
