<script setup lang="ts">
import type { Schemas } from '@/api/client'

/** What is dusted and painted, in order of work: with what, how, where, how strong and when, and what it leaves. */
defineProps<{ materials: Schemas['Materials'] }>()
const PLACES = ['paste', 'foot', 'middle', 'edge', 'back'] as const
const amount = (mg: number) => (mg < 1000 ? `${Math.max(1, Math.round(mg))} mg` : `${(mg / 1000).toFixed(1)} g`)
</script>

<template>
  <h1 class="text-title">Colour</h1>
  <p v-if="!materials.colours.parts.length" class="text-quiet">Nothing of this order is dusted or painted.</p>
  <ul class="flex flex-wrap gap-x-8 gap-y-1 border-t border-ink py-2" aria-label="Colours that are used">
    <li v-for="colour in materials.colours.colours" :key="colour.name + colour.swatch" class="flex items-center gap-2">
      <span class="inline-block size-6 border border-line" :style="{ background: colour.swatch }" />
      <span>
        <strong>{{ colour.name }}</strong> {{ colour.form }}, about {{ amount(colour.milligrams) }}
        <span v-if="!colour.owned" class="block text-note">◆ not in the drawer</span>
      </span>
    </li>
  </ul>
  <section v-for="part in materials.colours.parts" :key="part.species + part.part" class="break-inside-avoid border-t border-ink py-2" :aria-label="`${part.part} of ${part.species}`">
    <div class="flex items-end gap-4">
      <h2 class="flex-1 text-head">{{ part.part }} <span class="text-note text-quiet italic">{{ part.species }}</span></h2>
      <ol class="flex gap-1 text-note text-quiet">
        <li v-for="place in PLACES" :key="place" class="w-12 text-center"><span class="block h-6 border border-line" :style="{ background: part.worn[place] }" />{{ place }}</li>
      </ol>
      <span class="w-16 text-right text-head font-medium">{{ part.pieces }}</span>
    </div>
    <table class="w-full">
      <tbody>
        <tr v-for="(pass, i) in part.passes" :key="i" class="border-t border-line align-top">
          <td class="w-6 py-0.5 text-quiet">{{ i + 1 }}</td>
          <td class="w-8"><span v-if="pass.swatch" class="inline-block size-5 border border-line align-[-4px]" :style="{ background: pass.swatch }" /></td>
          <td class="w-64">{{ pass.what }}</td>
          <td>{{ pass.how }}, {{ $told(pass.where) }}</td>
          <td class="w-16 text-right">{{ Math.round(100 * pass.strength) }} %</td>
          <td class="w-72 pl-6">{{ pass.when }}<template v-if="pass.after">; {{ pass.after }}</template></td>
          <td class="w-8 text-right"><span class="inline-block size-4 border border-ink align-middle" /></td>
        </tr>
      </tbody>
    </table>
  </section>
  <p class="mt-4 text-note">◆ A dust called non-toxic is not therefore food: where a flower may be eaten, use what is sold as edible, and follow your local food rules; where in doubt ask a qualified adviser.</p>
</template>
