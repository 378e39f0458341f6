<script setup lang="ts">
import type { Schemas } from '@/api/client'
import { writeLength } from '@/measure/lengths'
import { useLengths } from '@/measure/useLengths'

/** Each stem from the centre down: what is taped in, how thick it gets, its tape, its pick, and whether it carries the flower. */
defineProps<{ materials: Schemas['Materials'] }>()
const lengths = useLengths()
const mm = (value: number) => writeLength(value, lengths.unit)
</script>

<template>
  <h1 class="text-title">Stems, tape and picks</h1>
  <section v-for="job in materials.stems" :key="job.species" class="grid break-inside-avoid grid-cols-[1fr_1fr] gap-8 border-t border-ink py-2" :aria-label="job.species">
    <div>
      <h2 class="text-head">{{ job.species }} <span class="font-sans text-body font-normal text-quiet">× {{ job.flowers }}</span></h2>
      <table class="w-full">
        <thead><tr class="text-left text-note text-quiet"><th class="font-normal">taped in</th><th class="text-right font-normal">stem then, {{ lengths.unit }}</th><th class="text-right font-normal">tape, {{ lengths.unit }}</th></tr></thead>
        <tbody>
          <tr v-for="(step, i) in job.plan.steps" :key="i" class="border-t border-line">
            <td>{{ step.part }}</td><td class="text-right">{{ mm(step.thickMm) }}</td><td class="text-right">{{ writeLength(step.tapeMm, lengths.unit, 0) }}</td>
          </tr>
        </tbody>
      </table>
    </div>
    <dl class="grid grid-cols-[9rem_1fr] content-start gap-y-1 [&_dt]:text-quiet">
      <dt>finished piece</dt><dd><strong>{{ job.plan.weightG.toFixed(1) }} g</strong>, paste and wire</dd>
      <dt>stem, thickest</dt><dd><strong>{{ mm(job.plan.thickMm) }} {{ lengths.unit }}</strong></dd>
      <dt>tape for one</dt><dd>{{ writeLength(job.plan.tapeMm, lengths.unit, 0) }} {{ lengths.unit }}</dd>
      <dt>its stem</dt><dd>{{ job.advice === 'carries it' ? '●' : '◆' }} {{ $told(job.advice) }}</dd>
      <dt>pick</dt>
      <dd>
        <template v-if="job.picks[0]?.fits">● {{ job.picks[0].pick.name }}: {{ $told(job.picks[0].reason) }}</template>
        <template v-else>■ none of the drawer fits</template>
        <p v-for="pick in job.picks.filter((p) => !p.fits)" :key="pick.pick.name" class="text-note text-quiet">{{ pick.pick.name }}: {{ $told(pick.reason) }}</p>
      </dd>
    </dl>
  </section>
  <p class="mt-3 text-note">
    ◆ No bare wire in food: every stem goes into a food-safe pick. Wires, stamens, tape and picks are not food: count them in, and
    count them out before serving. Follow your local food rules; where in doubt ask your local food authority or a qualified adviser.
  </p>
</template>
