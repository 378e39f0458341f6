<script setup lang="ts">
import type { Schemas } from '@/api/client'

/** Long work under way: what is being done, how far it has come, and a way to stop it. */
defineProps<{ job: Schemas['JobView'] }>()
const emit = defineEmits<{ stop: [] }>()
</script>

<template>
  <div
    v-if="job.state === 'waiting' || job.state === 'running'"
    role="status"
    class="flex items-center gap-3 border border-line bg-sheet px-3 py-2"
    data-job
  >
    <span class="min-w-0 flex-1 truncate">{{ job.state === 'waiting' ? 'Waits for other work …' : `${job.step} …` }}</span>
    <progress class="h-2 w-40" :value="job.share" max="1" :aria-label="job.label" />
    <button type="button" class="act-quiet" @click="emit('stop')">Stop</button>
  </div>
  <p v-else-if="job.state === 'stopped'" role="status" class="text-quiet" data-job>
    Stopped: what it had come to is shown, or what was there before.
  </p>
</template>
