<script setup lang="ts">
import type { Schemas } from '@/api/client'

/** What to mix, strong colour by strong colour, in whole grams; how to make a shade again where it runs out. */
defineProps<{ materials: Schemas['Materials'] }>()
const again = (shade: Schemas['Mixed']) =>
  shade.remade.map((w) => `${w.fromG.toFixed(1)} g ${w.from} + ${w.withG.toFixed(1)} g ${w.with}`).join(', or ')
</script>

<template>
  <h1 class="text-title">Paste and shades</h1>
  <section v-for="job in materials.pastes" :key="job.medium">
    <p class="text-lead"><strong>{{ job.grams }} g</strong> of {{ job.medium.replace('-', ' ') }} in all: spares, what is lost between the cuts and a tenth of each strong colour in reserve are in it.<template v-if="job.gumG > 0"> Knead <strong>{{ job.gumG.toFixed(1) }} g</strong> of gum powder into it.</template></p>
    <section v-for="batch in job.batches" :key="batch.strong" class="mt-3 break-inside-avoid border-t border-ink pt-2">
      <h2 class="flex items-center gap-3 text-head">
        <span class="inline-block size-6 border border-line" :style="{ background: batch.strong }" />
        Strong colour: mix {{ batch.strongG }} g, and have {{ batch.whiteG }} g of white ready
      </h2>
      <table class="mt-1 w-full">
        <thead><tr class="text-left text-note text-quiet"><th class="font-normal">shade</th><th class="text-right font-normal">strong g</th><th class="text-right font-normal">white g</th><th class="text-right font-normal">in all g</th><th class="pl-6 font-normal">if it runs out, for 10 g</th></tr></thead>
        <tbody>
          <tr v-for="shade in batch.shades" :key="shade.whose + shade.name" class="border-t border-line align-top">
            <td class="py-1">
              <span class="mr-2 inline-block size-5 border border-line align-[-4px]" :style="{ background: shade.colour }" />{{ shade.name }} <span v-if="!shade.portions.length" class="text-note text-quiet italic">{{ shade.whose }}</span>
              <span v-if="shade.portions.length" class="block text-note" data-together>mixed at once: {{ shade.portions.map((p) => `${p.whose} ${Math.round(p.grams)} g`).join(' · ') }}</span>
              <span v-if="shade.alike" class="block">◆ cannot be told from {{ shade.alike }}</span>
            </td>
            <td class="text-right">{{ shade.strongG }}</td>
            <td class="text-right">{{ shade.whiteG }}</td>
            <td class="text-right font-medium">{{ shade.strongG + shade.whiteG }}</td>
            <td class="w-96 pl-6 text-note">{{ again(shade) }}</td>
          </tr>
        </tbody>
      </table>
      <div v-if="batch.ladders.length" class="mt-2 grid grid-cols-2 gap-6">
        <div v-for="ladder in batch.ladders" :key="ladder.rule">
          <p class="text-note text-quiet">the same shades by {{ ladder.rule }}: g of strong colour + g of white</p>
          <ol class="flex">
            <li v-for="(rung, i) in ladder.rungs" :key="i" class="min-w-0 flex-1" :title="rung.name">
              <span class="block h-7 border-y border-line" :style="{ background: rung.colour }" />
              <span class="block text-note">{{ rung.strongG }}+{{ rung.whiteG }}</span>
            </li>
          </ol>
        </div>
      </div>
    </section>
  </section>
</template>
