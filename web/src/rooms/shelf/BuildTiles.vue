<script setup lang="ts">
import type { Schemas } from '@/api/client'
import FaceTile from '@/parts/FaceTile.vue'

/** How flowers are commonly built, to begin from. */
defineProps<{ builds: Schemas['BuildCard'][] }>()
const emit = defineEmits<{ begin: [build: Schemas['BuildCard']] }>()
</script>

<template>
  <ul class="grid grid-cols-2 gap-x-5 gap-y-3 sm:grid-cols-4" aria-label="Builds to start from">
    <li v-for="build in builds" :key="build.id">
      <button
        type="button"
        class="grid w-full grid-cols-[72px_minmax(0,1fr)] gap-3 text-left hover:[&_strong]:underline"
        @click="emit('begin', build)"
      >
        <FaceTile class="w-full" aria-hidden="true" :drawn="build.drawn" :name="build.name" :lines="110" />
        <span
          ><strong class="block font-heading text-lead leading-tight font-normal">{{ build.name }}</strong
          ><span class="text-note text-quiet">{{ build.drawn.note }}</span></span
        >
      </button>
    </li>
  </ul>
</template>
