<script setup lang="ts">
import type { Schemas } from '@/api/client'
import { day, readable } from '../order/dates'

/** Whether what was promised came about: a row a promise, and what all of them say together. */
defineProps<{ promises: Schemas['Promises'] }>()
const NAMED = 6
</script>

<template>
  <section class="mt-5" aria-label="Promises" data-promises>
    <p v-if="promises.orders.length === 0" class="text-quiet">
      No promise has come due yet: plan the days of an order, and see here whether its odds hold once it is delivered.
    </p>
    <template v-else>
      <p>
        {{ promises.inTime }} of {{ promises.orders.length }} {{ promises.orders.length === 1 ? 'order was' : 'orders were' }} ready in
        time; by what was promised it would be {{ promises.expected.toFixed(1) }}. {{ promises.told }}
      </p>
      <table class="mt-1 w-full" aria-label="Promises by their odds">
        <thead>
          <tr class="text-left text-note text-quiet">
            <th class="font-normal">promised, in 100</th>
            <th class="text-right font-normal">orders</th>
            <th class="text-right font-normal">ready in time</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="b in promises.bands" :key="b.label" class="border-t border-line">
            <td>{{ b.label }}</td>
            <td class="text-right text-quiet">{{ b.orders }}</td>
            <td class="text-right font-medium">{{ b.inTime }}</td>
          </tr>
        </tbody>
      </table>
      <ul class="mt-1 text-note text-quiet">
        <li v-for="p in promises.orders.slice(0, NAMED)" :key="p.order + p.ready">
          {{ p.inTime ? '●' : '■' }} {{ p.order }}, promised {{ p.inHundred }} in 100:
          <template v-if="p.recorded"
            >{{ p.inTime ? 'ready' : 'late, ready' }} {{ readable(p.ready) }}, it had to be {{ readable(p.readyBy) }}</template
          >
          <template v-else
            >{{ p.inTime ? 'left in time' : 'left late' }}, {{ day(p.ready) }}; not all of its work was written down</template
          >
        </li>
      </ul>
    </template>
  </section>
</template>
