<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '@/api/client'
import { MARKS } from './marks'

/** A table of a sheet: patches of colour, numbers to the right, boxes to tick. */
const props = defineProps<{ table: Schemas['Table'] }>()
const shares = computed(() => props.table.columns.reduce((sum, c) => sum + c.share, 0))
const toRight = (column: Schemas['Column']) => column.holds === 'number' || column.holds === 'length'
</script>

<template>
  <table class="mt-1 w-full table-fixed" :aria-label="table.label">
    <thead v-if="table.columns.some((c) => c.heading)">
      <tr class="text-left text-note text-quiet">
        <th
          v-for="(column, i) in table.columns"
          :key="i"
          class="pr-3 font-normal"
          :class="toRight(column) ? 'text-right' : ''"
          :style="{ width: `${(100 * column.share) / shares}%` }"
        >
          {{ column.heading }}
        </th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="(row, r) in table.rows" :key="r" class="break-inside-avoid border-t border-line align-top">
        <td
          v-for="(cell, i) in row"
          :key="i"
          class="py-0.5 pr-3"
          :class="toRight(table.columns[i]!) ? 'text-right' : 'break-words'"
          :style="{ width: `${(100 * table.columns[i]!.share) / shares}%` }"
        >
          <span v-if="table.columns[i]!.holds === 'box'" class="inline-block size-4 border border-ink align-middle" />
          <span
            v-if="cell.colour"
            class="mr-2 inline-block size-5 border border-line align-[-4px]"
            :style="{ background: cell.colour }"
          />{{ MARKS[cell.mark] }}{{ $told(cell.text) }}
        </td>
      </tr>
    </tbody>
  </table>
</template>
