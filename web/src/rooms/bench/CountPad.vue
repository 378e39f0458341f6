<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { time } from '../order/dates'
import type { Sitting, Underway } from './underway'

/** What a knuckle touches: one more, one back, one broke, begun and done. */
const props = defineProps<{ sitting: Sitting; mine: Underway; asking: boolean }>()
const emit = defineEmits<{ count: [by: number]; broke: []; begin: []; done: []; finish: []; notYet: [] }>()
const wanted = computed(() => props.sitting.pieces + props.sitting.spares)

/** A touch is answered where it is seen: the count flares for a moment. */
const flare = ref(false)
watch(
  () => props.mine.good,
  () => {
    flare.value = true
    setTimeout(() => (flare.value = false), 150)
  },
)
</script>

<template>
  <p
    v-if="asking"
    role="alertdialog"
    aria-label="Is it done?"
    class="sticky bottom-[34vh] z-10 flex flex-wrap items-center gap-3 border-t border-ink bg-sheet px-4 py-3 text-lead"
    data-asking
  >
    <span class="flex-1"
      >{{ mine.good === 0 ? 'None' : mine.good }} of {{ sitting.pieces }} {{ mine.good === 1 ? 'is' : 'are' }} counted. Is it done all the
      same?</span
    >
    <button type="button" class="act min-h-14" data-done-all-the-same @click="emit('finish')">It is done</button>
    <button type="button" class="act min-h-14" @click="emit('notYet')">Not yet</button>
  </p>
  <footer class="sticky bottom-0 grid h-[34vh] min-h-52 grid-cols-2 grid-rows-1 border-t border-ink bg-ground">
    <button
      v-if="wanted > 0"
      type="button"
      class="flex flex-col items-center justify-center border-r border-ink"
      :class="flare ? 'bg-accent text-sheet' : 'bg-sheet hover:bg-sheet'"
      :disabled="mine.done !== undefined"
      data-count
      aria-label="One more is done"
      @click="emit('count', 1)"
    >
      <span class="text-arm leading-none tabular-nums"
        >{{ mine.good }}
        <span class="text-bench"
          >of {{ sitting.pieces }}<template v-if="sitting.spares"> + {{ sitting.spares }}</template></span
        ></span
      >
      <span class="mt-2 text-lead">{{ mine.good >= wanted ? '● all of them' : 'touch for each one' }}</span>
      <span v-if="mine.broke" class="mt-1 text-lead"
        >{{ mine.broke }} broke{{ sitting.pieces + sitting.spares - mine.broke < sitting.pieces ? ': make more' : '' }}</span
      >
    </button>
    <div class="grid grid-cols-2 gap-px bg-line" :class="wanted > 0 ? 'grid-rows-2' : 'col-span-2 grid-rows-1'">
      <button
        type="button"
        class="bg-ground text-bench disabled:text-quiet"
        :disabled="mine.begun !== undefined || mine.done !== undefined"
        data-begin
        @click="emit('begin')"
      >
        {{ mine.begun ? `begun ${time(mine.begun)}` : sitting.card.openMin !== undefined ? 'first roll' : 'begin' }}
      </button>
      <button
        v-if="wanted > 0"
        type="button"
        class="bg-ground text-bench disabled:text-quiet"
        :disabled="mine.good === 0 || mine.done !== undefined"
        @click="emit('count', -1)"
      >
        one back
      </button>
      <button
        v-if="wanted > 0"
        type="button"
        class="bg-ground text-bench disabled:text-quiet"
        :disabled="mine.done !== undefined"
        data-broke
        @click="emit('broke')"
      >
        one broke
      </button>
      <button type="button" class="bg-accent text-bench font-medium text-sheet" data-done @click="emit('done')">
        {{ mine.done ? 'not done after all' : 'done' }}
      </button>
    </div>
  </footer>
</template>
