<script setup lang="ts">
import { RouterLink, useRoute } from 'vue-router'

/** An address at which there is nothing. */
const route = useRoute()
</script>

<template>
  <div class="mx-auto max-w-2xl px-6 py-10">
    <h1 class="text-title">There is nothing here</h1>
    <p class="mt-3">
      No room of Crisp Whorl has the address <code class="bg-sheet px-1 break-all">{{ route.path }}</code>. Perhaps a letter of it is
      missing.
    </p>
    <p class="mt-4 flex gap-3">
      <RouterLink class="act" to="/shelf">To the shelf</RouterLink>
      <RouterLink class="act" to="/orders">To the orders</RouterLink>
    </p>
  </div>
</template>
