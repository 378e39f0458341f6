<script setup lang="ts">
import type { Schemas } from '@/api/client'
import FaceDrawing from '@/parts/FaceDrawing.vue'
import { shadeKey } from '@/parts/facePaths'

/** The ways in which flowers are commonly built, to begin from. */
defineProps<{ builds: Schemas['BuildCard'][] }>()
const emit = defineEmits<{ begin: [build: Schemas['BuildCard']] }>()
const tints = ({ drawn }: Schemas['BuildCard']) =>
  Object.fromEntries([...drawn.tints.map((t) => [t.id, t.colour]), ...drawn.shades.map((s) => [shadeKey(s.id), s.colour])])
const reach = ({ drawn }: Schemas['BuildCard']) => drawn.face.radiusMm * 1.12
const box = (build: Schemas['BuildCard']) => `${-reach(build)} ${-reach(build)} ${2 * reach(build)} ${2 * reach(build)}`
</script>

<template>
  <ul class="grid grid-cols-2 gap-x-5 gap-y-3 sm:grid-cols-4" aria-label="Builds to begin from">
    <li v-for="build in builds" :key="build.id">
      <button type="button" class="grid w-full grid-cols-[72px_minmax(0,1fr)] gap-3 text-left hover:[&_strong]:underline" @click="emit('begin', build)">
        <svg class="aspect-square w-full border border-line bg-sheet" :viewBox="box(build)" aria-hidden="true">
          <FaceDrawing :face="build.drawn.face" :tints="tints(build)" :hairline="reach(build) / 110" />
        </svg>
        <span><strong class="block font-heading text-lead leading-tight font-normal">{{ build.name }}</strong><span class="text-note text-quiet">{{ build.drawn.note }}</span></span>
      </button>
    </li>
  </ul>
</template>
