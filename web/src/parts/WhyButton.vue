<script setup lang="ts">
import { Popover, PopoverButton, PopoverPanel } from '@headlessui/vue'
import type { Schemas } from '@/api/client'
import { written } from '@/measure/figures'
import { useLengths } from '@/measure/useLengths'

/** The reason is asked for only once the panel opens: a new reckoning with the same figures then redraws no button. */
defineProps<{ why: () => Schemas['Why']; about: string }>()
const lengths = useLengths()
</script>

<template>
  <Popover class="relative inline-block">
    <PopoverButton
      class="min-h-6 min-w-6 px-1 text-[12px] text-accent italic hover:underline"
      :aria-label="`Why: ${about}`"
    >
      why
    </PopoverButton>
    <PopoverPanel
      class="absolute right-0 z-30 mt-1 w-72 border border-ink bg-sheet p-3 text-left text-[13px] shadow-md"
    >
      <p>{{ why().rule }}</p>
      <dl class="mt-2 grid grid-cols-[1fr_auto] gap-x-3">
        <template v-for="input in why().inputs" :key="input.label">
          <dt class="text-quiet">{{ input.label }}</dt>
          <dd class="text-right">
            {{ written(input.value, input.unit, lengths.unit).number }}
            {{ written(input.value, input.unit, lengths.unit).unit }}
          </dd>
        </template>
      </dl>
      <p class="mt-2 text-quiet italic">{{ why().source }}</p>
    </PopoverPanel>
  </Popover>
</template>
