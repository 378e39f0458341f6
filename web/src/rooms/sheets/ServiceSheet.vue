<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '@/api/client'

/** What goes with the flowers to whoever serves them: what comes out first, with boxes to tick, and how they are kept. */
const props = defineProps<{ materials: Schemas['Materials'] }>()
const card = computed(() => props.materials.service)
</script>

<template>
  <h1 class="text-title">Before it is served</h1>
  <ul class="mt-1 columns-2">
    <li v-for="f in card.flowers" :key="f.species"><strong>{{ f.count }} × {{ f.species }}</strong>, {{ f.medium }}<template v-if="!f.edible">: ■ never food</template></li>
  </ul>
  <section class="mt-4 break-inside-avoid" aria-label="Take out, and count">
    <h2 class="text-head">Take out, and count</h2>
    <p v-if="card.takenOut.length === 0">Nothing in these flowers has to be taken out.</p>
    <table v-else class="mt-1 w-full">
      <thead><tr class="text-left text-note text-quiet"><th class="font-normal">what</th><th class="w-24 font-normal">put in</th><th class="w-28 font-normal">counted out</th><th class="font-normal">in</th></tr></thead>
      <tbody>
        <tr v-for="t in card.takenOut" :key="t.what" class="border-t border-line align-top">
          <td class="py-1.5 text-lead"><strong>{{ t.count }}</strong> {{ t.what }}</td>
          <td class="py-1.5"><span class="inline-block size-5 border border-ink" /></td>
          <td class="py-1.5"><span class="inline-block size-5 border border-ink" /></td>
          <td class="py-1.5 text-note text-quiet">{{ t.in.join(', ') }}</td>
        </tr>
      </tbody>
    </table>
  </section>
  <section class="mt-4" aria-label="Allergens">
    <h2 class="text-head">Allergens</h2>
    <p>{{ card.allergens.length ? `■ Contains ${card.allergens.join(', ')}.` : 'None that the studio knows of in what was used.' }}</p>
  </section>
  <section v-if="card.notEaten.length" class="mt-4" aria-label="Not to be eaten">
    <h2 class="text-head">Not to be eaten</h2>
    <ul><li v-for="one in card.notEaten" :key="one">◆ {{ one }}</li></ul>
  </section>
  <section class="mt-4" aria-label="Keeping it">
    <h2 class="text-head">Keeping it</h2>
    <ul class="list-disc pl-5"><li v-for="one in card.keeping" :key="one">{{ one }}</li><li>Small hard pieces: keep them from small children.</li></ul>
    <p class="mt-3 border-t border-line pt-2">{{ card.ask }}</p>
  </section>
</template>
