<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { answered, api, isPetaled, type Part, type Schemas, type SpeciesDocument } from '@/api/client'
import StripNest from '@/parts/StripNest.vue'
import { away, here } from '@/parts/drawer/tools'
import CutterToPrint from './CutterToPrint.vue'

/** The drawer's tools for one part, the closest first; asked for when this is opened, since it looks at the whole drawer. */
const props = defineProps<{ species: SpeciesDocument; part: Part; speciesId: string }>()
const open = ref(false)
const found = useQuery({
  queryKey: computed(() => ['tools', props.species]),
  queryFn: () => answered(api.POST('/api/drawer/tools', { body: { species: props.species } })),
  enabled: open,
  placeholderData: (before) => before,
})
const tools = computed(() => found.data.value?.find((t) => t.partId === props.part.id))
const sorts = computed(() => [...new Set((tools.value?.others ?? []).map((o) => o.sort))])
const SHOWN = 3

const fits = (f: Schemas['CutterFit']) => f.doing !== 'none'
const mark = (good: boolean, owned: number) => (!good ? '■' : owned > 0 ? '●' : '◆')
</script>

<template>
  <details v-if="isPetaled(part)" class="mt-2" data-drawer @toggle="open = ($event.target as HTMLDetailsElement).open">
    <summary class="heading-small cursor-pointer">from the drawer</summary>
    <template v-if="open && tools">
      <table v-if="tools.cutters.length" class="w-full text-note" aria-label="Cutters">
        <tbody>
          <tr
            v-for="f in tools.cutters.slice(0, fits(tools.cutters[0]!) ? 4 : 2)"
            :key="f.cutter.name"
            class="border-t border-line align-top"
          >
            <td class="pr-1">{{ mark(fits(f), here(f.cutter)) }}</td>
            <td class="pr-2">
              {{ f.cutter.name }}<span v-if="here(f.cutter) === 0" class="text-quiet italic"> ({{ away(f.cutter) }})</span>
            </td>
            <td class="w-1/2">{{ $told(f.reason) }}</td>
          </tr>
        </tbody>
      </table>
      <table v-for="sort in sorts" :key="sort" class="w-full text-note" :aria-label="sort">
        <tbody>
          <tr v-for="o in tools.others.filter((t) => t.sort === sort).slice(0, SHOWN)" :key="o.name" class="border-t border-line align-top">
            <td class="pr-1">{{ mark(o.fits, o.owned) }}</td>
            <td class="pr-2">{{ o.name }} × {{ o.owned }}</td>
            <td class="w-1/2">{{ $told(o.reason) }}</td>
          </tr>
        </tbody>
      </table>
      <template v-if="tools.cut">
        <p class="heading-small mt-2">on the strip</p>
        <StripNest :cut="tools.cut" />
        <p class="mt-1 flex flex-wrap gap-x-3">
          <a class="act-quiet !px-0" :href="`/api/species/${speciesId}/outlines.pdf`" target="_blank">Outlines as PDF</a>
          <a class="act-quiet !px-0" :href="`/api/species/${speciesId}/outlines.svg`" download="outlines.svg">SVG</a>
        </p>
        <CutterToPrint :key="part.id" :species-id="speciesId" :part-id="part.id" />
      </template>
    </template>
    <p v-else-if="open" class="text-quiet">Looking through the drawer …</p>
  </details>
</template>
