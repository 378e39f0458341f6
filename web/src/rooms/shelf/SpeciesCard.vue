<script setup lang="ts">
import { RouterLink } from 'vue-router'
import type { Schemas } from '@/api/client'
import { writeLength } from '@/measure/lengths'
import { useLengths } from '@/measure/useLengths'
import FaceTile from '@/parts/FaceTile.vue'

defineProps<{ card: Schemas['SpeciesCard']; drawn: Schemas['Drawn']; staged: boolean }>()
const emit = defineEmits<{ archived: []; stages: []; begin: [] }>()
const lengths = useLengths()
</script>

<template>
  <li>
    <RouterLink :to="`/plate/${card.id}`" class="block hover:[&_h2]:underline">
      <FaceTile class="w-full" :drawn="drawn" :name="card.name" :lines="220" />
      <h2 class="mt-2 text-head">{{ card.name }}</h2>
    </RouterLink>
    <p class="text-quiet">{{ writeLength(drawn.faceMm, lengths.unit, 0) }} {{ lengths.unit }} across · {{ drawn.pieces }} pieces</p>
    <p class="flex flex-wrap gap-x-3">
      <button type="button" class="act-quiet !px-0" :aria-expanded="staged" @click="emit('stages')">Stages</button>
      <a class="act-quiet !px-0" :href="`/api/species/${card.id}/document`" :download="`${card.name}.species.json`" title="As a document"
        >Export</a
      >
      <button type="button" class="act-quiet !px-0" title="A new species that begins as this one is" @click="emit('begin')">
        Start from this
      </button>
      <button type="button" class="act-quiet !px-0" @click="emit('archived')">{{ card.archived ? 'Put back' : 'Archive' }}</button>
    </p>
  </li>
</template>
