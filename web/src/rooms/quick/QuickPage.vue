<script setup lang="ts">
import { nextTick, watch } from 'vue'
import { useRoute } from 'vue-router'
import published from '@formats/quick.schema.json'
import { definition, kinds, publish } from '@/parts/fields/schema'
import QuickPanel from './QuickPanel.vue'

publish(published)
const questions = [...kinds(definition('QuickQuestion')).entries()]
const route = useRoute()

/** The finder leads to one question by its name. */
watch(
  () => route.fullPath,
  () => nextTick(() => goTo(route.hash.slice(1))),
  { immediate: true },
)

function goTo(kind: string) {
  const field = kind && document.querySelector<HTMLElement>(`[data-question="${kind}"] :is(input, select)`)
  if (!field) return
  field.scrollIntoView({ block: 'nearest' })
  field.focus()
}
</script>

<template>
  <div class="grid grid-cols-1 gap-px bg-line sm:grid-cols-2 lg:min-h-full lg:grid-cols-4">
    <h1 class="sr-only">Quick figures</h1>
    <QuickPanel v-for="[kind, node] in questions" :key="kind" :kind="kind" :node="node" />
    <div class="hidden bg-ground lg:col-span-3 lg:block" />
  </div>
</template>
