<script setup lang="ts">
import { Popover, PopoverButton, PopoverPanel } from '@headlessui/vue'
import type { Schemas } from '@/api/client'
import WhyPanel from './WhyPanel.vue'

/** The reason is asked for only once the panel opens: a new reckoning with the same figures then redraws no button. */
defineProps<{ why: () => Schemas['Why'] | Promise<Schemas['Why']>; about: string }>()
</script>

<template>
  <Popover class="relative inline-block">
    <PopoverButton class="min-h-6 min-w-6 px-1 text-note text-accent italic hover:underline" :aria-label="`Why: ${about}`">
      why
    </PopoverButton>
    <PopoverPanel class="absolute right-0 z-30 mt-1 w-72 border border-ink bg-sheet p-3 text-left text-note shadow-md">
      <WhyPanel :why="why" />
    </PopoverPanel>
  </Popover>
</template>
