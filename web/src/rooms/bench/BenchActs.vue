<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Schemas } from '@/api/client'

/** What hands do, act by act: the next one stands out, what is done is quiet; a tap goes on, or back. */
const props = defineProps<{ acts: Schemas['BenchAct'][] }>()
const done = ref(0)
const groups = computed(() => {
  const all: { under: string; acts: { at: number; words: string }[] }[] = []
  props.acts.forEach((act, at) => {
    if (all.at(-1)?.under !== act.under) all.push({ under: act.under, acts: [] })
    all.at(-1)!.acts.push({ at, words: act.words })
  })
  return all
})
const tap = (at: number) => (done.value = at < done.value ? at : at + 1)
</script>

<template>
  <div class="text-bench leading-snug" aria-label="What is done, in order">
    <template v-for="group in groups" :key="group.under">
      <h3 v-if="group.under" class="mt-2 text-lead text-quiet">{{ group.under }}</h3>
      <ol>
        <li v-for="act in group.acts" :key="act.at">
          <button
            type="button"
            class="grid min-h-11 w-full grid-cols-[2.2rem_minmax(0,1fr)] items-baseline border-b border-line py-1 text-left"
            :class="act.at < done ? 'text-quiet' : act.at === done ? 'font-medium' : ''"
            :aria-current="act.at === done ? 'step' : undefined"
            :data-act="act.at + 1"
            @click="tap(act.at)"
          >
            <span class="tabular-nums">{{ act.at < done ? '●' : act.at + 1 }}</span>
            <span>{{ $told(act.words) }}</span>
          </button>
        </li>
      </ol>
    </template>
  </div>
</template>
