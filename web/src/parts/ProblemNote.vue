<script setup lang="ts">
import { computed } from 'vue'
import { Failure } from '@/api/client'

const props = defineProps<{ error: unknown }>()
const failure = computed(() => (props.error instanceof Failure ? props.error : undefined))
</script>

<template>
  <div role="alert" class="border border-ink bg-sheet p-3">
    <p class="font-medium">■ {{ (error as Error).message }}</p>
    <p v-if="failure?.unreachable" class="mt-1 text-quiet">
      The application is not running, or was stopped. Start it again; what you have written is still in this window.
    </p>
    <p v-else-if="failure?.problem?.detail" class="mt-1 text-quiet">{{ failure.problem.detail }}</p>
    <table v-if="failure?.problem?.faults?.length" class="mt-2 w-full text-left">
      <thead>
        <tr class="text-quiet">
          <th class="font-normal italic">where</th>
          <th class="font-normal italic">came</th>
          <th class="font-normal italic">expected</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="fault in failure.problem.faults" :key="fault.pointer + fault.expected" class="align-top">
          <td class="pr-3 font-medium break-all">{{ fault.pointer || 'the document' }}</td>
          <td class="pr-3 break-all">{{ $told(fault.came) }}</td>
          <td>{{ $told(fault.expected) }}</td>
        </tr>
      </tbody>
    </table>
  </div>
</template>
