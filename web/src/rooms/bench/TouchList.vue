<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '@/api/client'
import { time } from '../order/dates'
import type { Refused } from './useBench'
import type { Sitting } from './underway'

/** What was touched on this page, each to be taken back; and what could not be kept, with its reason. */
const props = defineProps<{ own: Schemas['BenchEvent'][]; refused: Refused[]; sittings: Sitting[] }>()
const emit = defineEmits<{ back: [event: Schemas['BenchEvent']]; forget: [one: Refused] }>()

const WORDS: Record<Schemas['BenchEvent']['touch'], string> = {
  begun: 'begun',
  good: 'counted',
  broke: 'one broke',
  done: 'done',
  undone: 'not done after all',
  'not-yet': 'not yet',
  ready: 'ready',
  'still-soft': 'still soft',
  skinned: 'skinned',
  laid: 'a pass is on',
  said: 'written down',
  'taken-back': 'taken back',
}
const taskOf = (uid: string) => props.sittings.find((s) => s.uid === uid)?.card.task ?? uid
const told = (e: Schemas['BenchEvent']) =>
  `${WORDS[e.touch]}${e.touch === 'good' ? ` ${e.pieces > 0 ? '+' : '−'}${Math.abs(e.pieces)}` : ''} · ${taskOf(e.uid)} · ${time(e.at)}`
const latest = computed(() => props.own.at(-1))
const earlier = computed(() => props.own.slice(0, -1).reverse())
</script>

<template>
  <div class="border-b border-line px-4 text-body">
    <p v-for="one in refused" :key="one.event.id" role="alert" class="flex items-center gap-3 py-1" data-refused>
      <span class="flex-1">■ Not kept: {{ told(one.event) }}. {{ one.why }}</span>
      <button type="button" class="act-quiet min-h-11" @click="emit('forget', one)">Leave it</button>
    </p>
    <div v-if="latest" class="flex items-center gap-3" data-latest>
      <span class="min-w-0 flex-1 truncate text-quiet">{{ told(latest) }}</span>
      <details v-if="earlier.length" class="relative">
        <summary class="act-quiet min-h-11 cursor-pointer content-center">earlier</summary>
        <ul class="absolute right-0 z-20 max-h-80 w-96 max-w-[90vw] overflow-auto border border-ink bg-sheet p-2">
          <li v-for="e in earlier" :key="e.id" class="flex items-center gap-2">
            <span class="min-w-0 flex-1 truncate">{{ told(e) }}</span>
            <button type="button" class="act-quiet min-h-11" :aria-label="`Take back: ${told(e)}`" @click="emit('back', e)">
              take back
            </button>
          </li>
        </ul>
      </details>
      <button
        type="button"
        class="act-quiet min-h-11"
        :aria-label="`Take back: ${told(latest)}`"
        data-take-back
        @click="emit('back', latest)"
      >
        take back
      </button>
    </div>
  </div>
</template>
