<script setup lang="ts">
import type { Schemas } from '@/api/client'
import { writeLength } from '@/measure/lengths'
import { useLengths } from '@/measure/useLengths'

/** Which wires are cut from which, drawn to one scale. */
const props = defineProps<{ materials: Schemas['Materials'] }>()
const lengths = useLengths()
const mm = (value: number) => writeLength(value, lengths.unit, 0)
const longest = () => Math.max(1, ...props.materials.wires.flatMap((w) => w.plan.cuts.map((c) => c.fromMm)))
const share = (value: number) => `${(100 * value) / longest()}%`
</script>

<template>
  <h1 class="text-title">Wires</h1>
  <section v-for="job in materials.wires" :key="job.gauge" class="break-inside-avoid border-t border-ink py-2" :aria-label="`${job.gauge} gauge`">
    <h2 class="text-head">
      {{ job.gauge }} gauge: <span data-whole>{{ job.plan.wholeWires }}</span> whole wires
      <span class="font-sans text-body font-normal text-quiet">{{ job.plan.proved ? 'no plan needs fewer' : `at least ${job.plan.atLeast} are needed; this plan is not proved the best` }} · {{ job.owned }} in the drawer</span>
    </h2>
    <p v-for="long in job.plan.tooLong" :key="long.lengthMm" class="font-medium">■ {{ long.count }} × {{ mm(long.lengthMm) }} {{ lengths.unit }} is longer than any wire: take a longer stock, or join two.</p>
    <div class="mt-1 grid grid-cols-[1fr_260px] gap-6">
      <ol>
        <li v-for="(cut, i) in job.plan.cuts" :key="i" class="mb-1 flex items-center gap-2">
          <span class="w-20 shrink-0 text-right">{{ cut.times }} ×<span v-if="cut.offcut" class="text-note text-quiet"> offcut</span></span>
          <span class="flex h-6 min-w-0 flex-1">
            <span v-for="(piece, k) in cut.piecesMm" :key="k" class="flex items-center justify-center overflow-hidden border border-l-0 border-ink bg-sheet text-note first:border-l" :style="{ width: share(piece) }">{{ mm(piece) }}</span>
            <span v-if="cut.leftMm > 0.5" class="flex items-center overflow-hidden border border-l-0 border-dashed border-line pl-1 text-note text-quiet" :style="{ width: share(cut.leftMm) }">{{ mm(cut.leftMm) }}</span>
          </span>
        </li>
      </ol>
      <table class="self-start">
        <tbody>
          <tr v-for="(piece, i) in job.pieces" :key="i" class="border-b border-line align-top">
            <td class="text-right whitespace-nowrap">{{ piece.count }} ×</td><td class="px-2 text-right whitespace-nowrap">{{ mm(piece.lengthMm) }} {{ lengths.unit }}</td><td class="text-note text-quiet italic">{{ piece.use }}</td>
          </tr>
        </tbody>
      </table>
    </div>
  </section>
</template>
