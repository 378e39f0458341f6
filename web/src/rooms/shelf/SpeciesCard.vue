<script setup lang="ts">
import { computed } from 'vue'
import { RouterLink } from 'vue-router'
import type { Schemas } from '@/api/client'
import { writeLength } from '@/measure/lengths'
import { useLengths } from '@/measure/useLengths'
import FaceDrawing from '@/parts/FaceDrawing.vue'
import { shadeKey } from '@/parts/facePaths'

const props = defineProps<{ card: Schemas['SpeciesCard']; drawn: Schemas['Drawn']; staged: boolean }>()
const emit = defineEmits<{ aside: []; stages: []; begin: [] }>()
const lengths = useLengths()
const tints = computed(() => Object.fromEntries([...props.drawn.tints.map((t) => [t.id, t.colour]), ...props.drawn.shades.map((s) => [shadeKey(s.id), s.colour])]))
const reach = computed(() => props.drawn.face.radiusMm * 1.12)
</script>

<template>
  <li>
    <RouterLink :to="`/plate/${card.id}`" class="block hover:[&_h2]:underline">
      <svg
        class="aspect-square w-full border border-line bg-sheet"
        :viewBox="`${-reach} ${-reach} ${2 * reach} ${2 * reach}`"
        role="img"
        :aria-label="`Face of ${card.name}`"
      >
        <FaceDrawing :face="drawn.face" :tints="tints" :hairline="reach / 220" />
      </svg>
      <h2 class="mt-2 text-head">{{ card.name }}</h2>
    </RouterLink>
    <p class="text-quiet">
      {{ writeLength(drawn.faceMm, lengths.unit, 0) }} {{ lengths.unit }} across · {{ drawn.pieces }} pieces
    </p>
    <p class="flex flex-wrap gap-x-3">
      <button type="button" class="act-quiet !px-0" :aria-expanded="staged" @click="emit('stages')">Stages</button>
      <a class="act-quiet !px-0" :href="`/api/species/${card.id}/document`" :download="`${card.name}.species.json`" title="As a document">Take out</a>
      <button type="button" class="act-quiet !px-0" title="A new species that begins as this one is" @click="emit('begin')">Begin from it</button>
      <button type="button" class="act-quiet !px-0" @click="emit('aside')">{{ card.aside ? 'Put back' : 'Put aside' }}</button>
    </p>
  </li>
</template>
