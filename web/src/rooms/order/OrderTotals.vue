<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '@/api/client'
import { writeLength } from '@/measure/lengths'
import { useLengths } from '@/measure/useLengths'

/** What an order takes. */
const props = defineProps<{ reckoning: Schemas['OrderReckoning'] }>()
const lengths = useLengths()
const sheet = computed(() => props.reckoning.sheet)
const pieces = computed(() => sheet.value.cuts.reduce((sum, c) => sum + c.needed + c.spares, 0))
const mm = (value: number) => writeLength(value, lengths.unit)
</script>

<template>
  <section aria-label="What it takes" class="min-w-0 space-y-5">
    <p class="flex flex-wrap gap-x-8 gap-y-1 border-b border-line pb-3 text-lead" data-summary>
      <span
        ><strong data-total="pieces">{{ pieces }}</strong> pieces to cut</span
      >
      <span
        ><strong>{{ sheet.shades.reduce((s, x) => s + x.mixG, 0).toFixed(0) }}</strong> g paste</span
      >
      <span
        ><strong>{{ (sheet.labourMin / 60).toFixed(1) }}</strong> h working time</span
      >
    </p>

    <div class="grid gap-6 xl:grid-cols-2 [&_th+th]:pl-3 [&_td+td]:pl-3">
      <div>
        <h2 class="text-lead">Cut</h2>
        <table class="w-full">
          <thead>
            <tr class="text-left text-note text-quiet">
              <th class="font-normal">part</th>
              <th class="text-right font-normal">size, {{ lengths.unit }}</th>
              <th class="text-right font-normal">pieces</th>
              <th class="text-right font-normal">spares</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="cut in sheet.cuts" :key="cut.species + cut.part" class="border-t border-line">
              <td class="py-0.5">
                {{ cut.part }} <span class="text-note text-quiet italic">{{ cut.species }}</span>
              </td>
              <td class="text-right whitespace-nowrap">{{ mm(cut.lengthMm) }} × {{ mm(cut.widthMm) }}</td>
              <td class="text-right font-medium">{{ cut.needed }}</td>
              <td class="text-right">{{ cut.spares }}</td>
            </tr>
          </tbody>
        </table>
      </div>
      <div class="space-y-5">
        <div>
          <h2 class="text-lead">Mix</h2>
          <table class="w-full">
            <thead>
              <tr class="text-left text-note text-quiet">
                <th class="font-normal">shade</th>
                <th class="text-right font-normal">strong g</th>
                <th class="text-right font-normal">white g</th>
                <th class="text-right font-normal">in all g</th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="shade in sheet.shades.filter((s) => s.mixG > 0)" :key="shade.species + shade.shade" class="border-t border-line">
                <td class="py-0.5">
                  <span class="mr-2 inline-block size-4 border border-line align-[-3px]" :style="{ background: shade.colour }" />{{
                    shade.shade
                  }}
                  <span class="text-note text-quiet italic">{{ shade.species }}</span>
                </td>
                <td class="text-right">{{ shade.strongG.toFixed(1) }}</td>
                <td class="text-right">{{ shade.whiteG.toFixed(1) }}</td>
                <td class="text-right font-medium">{{ shade.mixG.toFixed(1) }}</td>
              </tr>
            </tbody>
          </table>
        </div>
        <div>
          <h2 class="text-lead">Wire and stamens</h2>
          <table class="w-full">
            <tbody>
              <tr v-for="(wire, i) in sheet.wires" :key="i" class="border-t border-line">
                <td class="py-0.5 whitespace-nowrap">{{ wire.gauge }} ga</td>
                <td class="text-right whitespace-nowrap">{{ mm(wire.lengthMm) }} {{ lengths.unit }}</td>
                <td class="text-right font-medium">{{ wire.count }}</td>
                <td class="pl-3 text-note text-quiet italic">{{ wire.use }}</td>
              </tr>
              <tr v-for="s in sheet.stamens" :key="s.species + s.part" class="border-t border-line">
                <td class="py-0.5">strands</td>
                <td />
                <td class="text-right font-medium">{{ s.strands }}</td>
                <td class="pl-3 text-note text-quiet italic">{{ s.species }}, {{ s.part }}</td>
              </tr>
            </tbody>
          </table>
        </div>
      </div>
    </div>
  </section>
</template>
