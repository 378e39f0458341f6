<script setup lang="ts">
import type { Schemas } from '@/api/client'
import { writeLength } from '@/measure/lengths'
import { useLengths } from '@/measure/useLengths'
import StripNest from '@/parts/StripNest.vue'

/** What to cut, cutter by cutter: which of the drawer, what to do with it, how the cuts lie on the strip. */
defineProps<{ materials: Schemas['Materials'] }>()
const lengths = useLengths()
const mm = (value: number) => writeLength(value, lengths.unit)
const size = (cut: Schemas['Cut']) =>
  cut.petals > 1
    ? `${cut.petals} petals, ${mm(cut.middleMm + 2 * cut.outline.lengthMm)} ${lengths.unit} across`
    : `${mm(cut.outline.lengthMm)} × ${mm(cut.outline.widthMm)} ${lengths.unit}`
</script>

<template>
  <h1 class="text-title">Cut sheet</h1>
  <section v-for="(job, i) in materials.cuts" :key="i" class="break-inside-avoid border-t border-ink py-2" :aria-label="`${size(job.cut)}, ${job.shade}`">
    <div class="grid grid-cols-[minmax(0,1fr)_300px] gap-6">
      <div>
        <h2 class="flex items-baseline gap-3 text-head">
          <span class="flex-1">{{ job.cutter ?? 'no cutter of the drawer' }}<span class="font-sans text-body font-normal text-quiet"> · {{ size(job.cut) }}</span></span>
          <span class="font-sans text-head font-medium" data-pieces>{{ job.pieces }}</span>
        </h2>
        <p :class="job.cutter ? '' : 'font-medium'">{{ job.cutter ? '●' : '◆' }} {{ $told(job.doing) }}</p>
        <p class="text-quiet">
          {{ job.shade }}, rolled to {{ $told(`${job.rolledMm.toFixed(2)}\u00a0mm`) }}<template v-if="job.setting !== undefined"> (setting {{ job.setting }})</template>,
          a strip of {{ mm(job.nesting.stripMm) }} × {{ mm(job.stripMm) }} {{ lengths.unit }}
        </p>
        <p v-for="note in job.notes" :key="note">◆ {{ $told(note) }}</p>
        <table class="mt-1 w-full" aria-label="Cut list">
          <tbody>
            <tr v-for="line in job.lines" :key="line.species + line.part" class="border-t border-line">
              <td class="py-0.5">{{ line.part }} <span class="text-note text-quiet italic">{{ line.species }}</span></td>
              <td class="w-40 text-right">{{ line.needed }} + {{ line.spares }} to spare</td>
              <td class="w-10 text-right"><span class="inline-block size-4 border border-ink align-middle" /></td>
            </tr>
          </tbody>
        </table>
      </div>
      <StripNest :cut="job.cut" :nesting="job.nesting" :two-coloured="job.lines[0]?.twoColoured" />
    </div>
  </section>
  <section v-if="materials.uncut.length" class="mt-4">
    <h2 class="text-head">Without a cutter</h2>
    <table class="w-full">
      <thead><tr class="text-left text-note text-quiet"><th class="font-normal">piece</th><th class="font-normal">from</th><th class="text-right font-normal">make</th><th class="text-right font-normal">g each</th></tr></thead>
      <tbody>
        <tr v-for="line in materials.uncut" :key="line.species + line.part" class="border-t border-line">
          <td class="py-0.5">{{ line.part }} <span class="text-note text-quiet italic">{{ line.species }}</span></td>
          <td>{{ $told(line.from) }}</td>
          <td class="text-right">{{ line.needed + line.spares }}</td>
          <td class="text-right">{{ line.grams.toFixed(2) }}</td>
        </tr>
      </tbody>
    </table>
  </section>
  <p class="mt-4 text-note">
    ◆ Wires and stamens are not food: count them in, and count them out before serving. Follow your local food rules; where in doubt
    ask your local food authority or a qualified adviser.
  </p>
</template>
