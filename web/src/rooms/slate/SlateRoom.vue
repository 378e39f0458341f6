<script setup lang="ts">
import { nextTick, watch } from 'vue'
import { useRoute } from 'vue-router'
import slate from '@formats/slate.schema.json'
import { definition, kinds, publish } from '@/parts/fields/schema'
import SlatePanel from './SlatePanel.vue'

publish(slate)
const questions = [...kinds(definition('SlateQuestion')).entries()]
const route = useRoute()

/** The finder leads to one question by its name. */
watch(() => route.fullPath, () => nextTick(() => goTo(route.hash.slice(1))), { immediate: true })

function goTo(kind: string) {
  const field = kind && document.querySelector<HTMLElement>(`[data-question="${kind}"] :is(input, select)`)
  if (!field) return
  field.scrollIntoView({ block: 'nearest' })
  field.focus()
}
</script>

<template>
  <div class="grid grid-cols-1 gap-px bg-line sm:grid-cols-2 lg:min-h-full lg:grid-cols-4">
    <h1 class="sr-only">Slate</h1>
    <SlatePanel v-for="[kind, node] in questions" :key="kind" :kind="kind" :node="node" />
    <div class="hidden bg-ground lg:col-span-3 lg:block" />
  </div>
</template>
