<script setup lang="ts">
import type { Schemas } from '@/api/client'

defineProps<{ cautions: Schemas['Caution'][] }>()
</script>

<template>
  <section v-if="cautions.length > 0" aria-label="Cautions" class="mt-3">
    <h3 class="heading-small border-b border-line">cautions</h3>
    <p v-for="c in cautions" :key="c.kind" class="mt-1 text-note" :data-caution="c.kind">◆ {{ $told(c.text) }}</p>
  </section>
</template>
