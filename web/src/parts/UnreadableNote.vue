<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { answered, api } from '@/api/client'

/** What of the studio cannot be read, in a line under the rooms. */
const found = useQuery({ queryKey: ['unreadable'], queryFn: () => answered(api.GET('/api/unreadable')) })
const all = computed(() => found.data.value ?? [])
const asText = (text: string) => `data:text/plain;charset=utf-8,${encodeURIComponent(text)}`
</script>

<template>
  <ul v-if="all.length > 0" role="status" class="not-printed shrink-0 border-b border-ink bg-sheet px-4 py-1.5">
    <li v-for="(one, i) in all" :key="i">
      ■ What is kept of {{ one.what }} cannot be read; {{ one.until }}.
      <a class="act-quiet" :href="asText(one.asKept)" download="as-kept.txt">Export as it is</a>
    </li>
  </ul>
</template>
