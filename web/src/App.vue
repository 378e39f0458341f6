<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { RouterLink, RouterView } from 'vue-router'
import { useLengths } from './measure/useLengths'
import AwayNote from './parts/AwayNote.vue'
import FinderDialog from './parts/FinderDialog.vue'
import { ROOMS } from './parts/places'
import { typing } from './parts/typing'
import { useClock } from './parts/useClock'
import { useRoom } from './parts/useRoom'
import { usePace } from './parts/usePace'
import { useTime } from './parts/useTime'
import { useTechniques } from './parts/useTechniques'
import UnreadableNote from './parts/UnreadableNote.vue'
import PaceDialog from './parts/PaceDialog.vue'
import TechniquesDialog from './parts/TechniquesDialog.vue'
import { roomKey } from './router'

const lengths = useLengths()
const finding = ref(false)
const choosing = ref(false)
const pacing = ref(false)
const room = useRoom()
const techniques = useTechniques()
const pace = usePace()
const time = useTime()

onMounted(() => {
  void useClock().look()
  room.load().catch(() => undefined)
  techniques.load().catch(() => undefined)
  pace.load().catch(() => undefined)
  time.load().catch(() => undefined)
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
    <header class="not-printed flex h-11 shrink-0 items-center gap-6 border-b border-line px-4 whitespace-nowrap max-[900px]:gap-2">
      <RouterLink to="/today" class="font-heading text-head italic">Crisp Whorl</RouterLink>
      <nav aria-label="Rooms" class="flex gap-5 max-[900px]:gap-3">
        <RouterLink
          v-for="place in ROOMS"
          :key="place.to"
          :to="place.to"
          class="border-b-2 border-transparent py-1.5 hover:border-line"
          active-class="!border-accent font-medium"
          >{{ place.label }}</RouterLink
        >
      </nav>
      <div id="room-heading" class="min-w-0 flex-1" />
      <button type="button" class="act-quiet max-[900px]:!px-1.5" @click="choosing = true">Techniques</button>
      <button type="button" class="act-quiet max-[900px]:!px-1.5" @click="pacing = true">Pace</button>
      <button type="button" class="act-quiet max-[900px]:!px-1.5" @click="finding = true">
        Find <kbd class="border border-line px-1 text-note">/</kbd>
      </button>
      <button
        type="button"
        class="act-quiet max-[900px]:!px-1.5"
        :aria-label="`Lengths in ${lengths.unit === 'mm' ? 'millimetres' : 'inches'}; change`"
        @click="lengths.unit = lengths.unit === 'mm' ? 'in' : 'mm'"
      >
        {{ lengths.unit === 'mm' ? 'mm' : 'inches' }}
      </button>
    </header>
    <UnreadableNote />
    <AwayNote />
    <main class="min-h-0 flex-1 overflow-auto">
      <RouterView v-slot="{ Component, route }"><component :is="Component" :key="roomKey(route)" /></RouterView>
    </main>
    <PaceDialog :open="pacing" @close="pacing = false" />
    <TechniquesDialog :open="choosing" @close="choosing = false" />
    <FinderDialog :open="finding" @close="finding = false" />
  </div>
</template>
