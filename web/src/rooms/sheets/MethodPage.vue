<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { RouterLink } from 'vue-router'
import { answered, api } from '@/api/client'
import { useLengths } from '@/measure/useLengths'
import ProblemNote from '@/parts/ProblemNote.vue'
import SheetBlock from './SheetBlock.vue'

/** A species as a method: what a teacher hands out, and a helper works from without asking. */
const props = defineProps<{ id: string }>()
const paper = ref('A4')
const lengths = useLengths()
const inLengths = computed(() => (lengths.unit === 'in' ? 'IN' : 'MM'))
const method = useQuery({
  queryKey: ['method', props.id],
  queryFn: () => answered(api.GET('/api/species/{id}/method', { params: { path: { id: props.id } } })),
})
const print = () => window.print()
</script>

<template>
  <div class="mx-auto max-w-4xl px-6 py-4">
    <p class="not-printed mb-3 flex flex-wrap items-center gap-2">
      <button type="button" class="act" @click="print">Print</button>
      <label class="flex items-center gap-1.5 text-quiet"
        >on<select v-model="paper" class="field !w-auto">
          <option value="A4">A4</option>
          <option value="LETTER">Letter</option>
        </select></label
      >
      <a class="act" :href="`/api/species/${id}/method.pdf?paper=${paper}&lengths=${inLengths}`" target="_blank">As PDF</a>
      <RouterLink class="act-quiet ml-auto" :to="`/plate/${id}`">Back to the plate</RouterLink>
    </p>
    <ProblemNote v-if="method.error.value" :error="method.error.value" />
    <p v-else-if="!method.data.value" role="status" class="text-quiet">Writing the method …</p>
    <article v-else>
      <h1 class="text-title">{{ method.data.value.title }}</h1>
      <SheetBlock v-for="(block, i) in method.data.value.blocks" :key="i" :block="block" />
      <img
        :src="`/api/species/${id}/sheet.svg?lengths=${inLengths}`"
        :alt="`${method.data.value.title}, drawn from above and cut through`"
        class="mt-4 w-full border border-line bg-sheet"
      />
    </article>
  </div>
</template>
