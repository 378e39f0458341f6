<script setup lang="ts">
import { computed } from 'vue'
import type { Figure, Reckoning } from '@/api/client'
import { written } from '@/measure/figures'
import { useLengths } from '@/measure/useLengths'

/** The figures of both, each beside the other; where they differ by what can be measured, that is marked. */
const props = defineProps<{ left: Reckoning; right: Reckoning }>()
const lengths = useLengths()

interface Row {
  key: string
  label: string
  left?: Figure
  right?: Figure
}

function paired(one: Figure[], other: Figure[]): Row[] {
  const keys = [...new Set([...one, ...other].map((f) => f.key))]
  return keys.map((key) => {
    const [l, r] = [one.find((f) => f.key === key), other.find((f) => f.key === key)]
    return { key, label: (l ?? r)!.label, left: l, right: r }
  })
}

const SIZES = ['count', 'finishedLength', 'finishedWidth', 'cutLength', 'cutWidth', 'labour']
const flower = computed(() => paired(props.left.figures, props.right.figures))
const parts = computed(() => {
  const ids = [...new Set([...props.left.parts, ...props.right.parts].map((p) => p.id))]
  return ids.map((id) => {
    const [l, r] = [props.left.parts.find((p) => p.id === id), props.right.parts.find((p) => p.id === id)]
    const own = (figures: Figure[] | undefined) => (figures ?? []).filter((f) => SIZES.includes(f.key))
    return { id, name: (l ?? r)!.name, pieces: [l?.pieces, r?.pieces], rows: paired(own(l?.figures), own(r?.figures)) }
  })
})
const shown = (f?: Figure) => (f ? Object.values(written(f.value, f.unit, lengths.unit)).join(' ') : '–')
const differs = (row: Row) => shown(row.left) !== shown(row.right)
</script>

<template>
  <table class="w-full" aria-label="What differs">
    <thead>
      <tr class="text-note text-quiet">
        <th class="text-left font-normal" />
        <th class="w-1/4 text-right font-normal">left</th>
        <th class="w-8" />
        <th class="w-1/4 text-left font-normal">right</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="row in flower" :key="row.key" class="border-t border-line" :data-differs="differs(row)">
        <th scope="row" class="text-left font-normal">{{ row.label }}</th>
        <td class="text-right" :class="differs(row) ? 'font-semibold' : ''">{{ shown(row.left) }}</td>
        <td class="text-center">{{ differs(row) ? '◆' : '=' }}</td>
        <td :class="differs(row) ? 'font-semibold' : ''">{{ shown(row.right) }}</td>
      </tr>
    </tbody>
    <tbody v-for="part in parts" :key="part.id">
      <tr class="border-t border-ink">
        <th scope="rowgroup" class="heading-small text-left">{{ part.name }}</th>
        <td class="text-right">{{ part.pieces[0] ?? '–' }}</td>
        <td class="text-center">{{ part.pieces[0] === part.pieces[1] ? '=' : '◆' }}</td>
        <td>{{ part.pieces[1] ?? '–' }}</td>
      </tr>
      <tr v-for="row in part.rows" :key="row.key" class="border-t border-line">
        <th scope="row" class="pl-4 text-left font-normal">{{ row.label }}</th>
        <td class="text-right" :class="differs(row) ? 'font-semibold' : ''">{{ shown(row.left) }}</td>
        <td class="text-center">{{ differs(row) ? '◆' : '=' }}</td>
        <td :class="differs(row) ? 'font-semibold' : ''">{{ shown(row.right) }}</td>
      </tr>
    </tbody>
  </table>
</template>
