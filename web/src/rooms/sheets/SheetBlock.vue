<script setup lang="ts">
import type { Schemas } from '@/api/client'
import { MARKS } from './marks'
import FlowerDrawn from './FlowerDrawn.vue'
import SheetSketch from './SheetSketch.vue'
import SheetTable from './SheetTable.vue'

/** One block of a sheet, by its kind. */
defineProps<{ block: Schemas['Block'] }>()
</script>

<template>
  <h2 v-if="block.kind === 'heading'" class="mt-3 flex items-baseline gap-3 border-t border-ink pt-2 text-head">
    <span v-if="block.colour" class="inline-block size-6 self-center border border-line" :style="{ background: block.colour }" />
    <span class="flex-1"
      >{{ $told(block.text)
      }}<span v-if="block.aside" class="font-sans text-body font-normal text-quiet"> · {{ $told(block.aside) }}</span></span
    >
    <span v-if="block.count !== undefined" class="font-sans font-medium" data-pieces>{{ block.count }}</span>
  </h2>
  <p v-else-if="block.kind === 'note'" class="max-w-[80ch]" :class="block.mark === 'stop' ? 'font-medium' : ''">
    {{ MARKS[block.mark] }}{{ $told(block.text) }}
  </p>
  <ol v-else-if="block.kind === 'steps'" class="list-decimal pl-6">
    <li v-for="step in block.steps" :key="step">{{ $told(step) }}</li>
  </ol>
  <SheetTable v-else-if="block.kind === 'table'" :table="block" />
  <figure v-else-if="block.kind === 'patches'" class="my-2">
    <figcaption v-if="block.label" class="text-note text-quiet">{{ $told(block.label) }}</figcaption>
    <ul class="flex flex-wrap gap-x-6 gap-y-1" :aria-label="block.label || 'Colours'">
      <li v-for="(patch, i) in block.patches" :key="i" class="flex items-center gap-2">
        <span class="inline-block size-6 border border-line" :style="{ background: patch.colour }" />
        <span
          >{{ MARKS[patch.mark] }}{{ patch.text
          }}<span v-if="patch.aside" class="text-note text-quiet">, {{ $told(patch.aside) }}</span></span
        >
      </li>
    </ul>
  </figure>
  <FlowerDrawn v-else-if="block.kind === 'flower-drawn'" :picture="block" />
  <SheetSketch v-else :sketch="block" />
</template>
