<script setup lang="ts">
import { onScopeDispose } from 'vue'
import { away, lookForServer } from '@/api/away'

/** One quiet line in every room while the application does not answer; what is typed meanwhile waits. */
const ASK_EVERY_MS = 4000
const asking = setInterval(() => away.value && void lookForServer(), ASK_EVERY_MS)
onScopeDispose(() => clearInterval(asking))
</script>

<template>
  <p v-if="away" role="status" class="not-printed shrink-0 border-b border-line bg-sheet px-4 py-1" data-away>
    ◆ Crisp Whorl does not answer just now. What you change waits in this browser and is kept once it does.
  </p>
</template>
