<script setup lang="ts">
import { useMutation } from '@tanstack/vue-query'
import { useRouter } from 'vue-router'
import ProblemNote from '@/parts/ProblemNote.vue'
import { newLine, newOrder } from '../order/newOrder'

/** One flower of a species to the bench, to try it: an order of one, that can be taken off the book again. */
const props = defineProps<{ speciesId: string; name: string }>()
const router = useRouter()
const DAYS_AHEAD = 7
const NAME_LENGTH = 80
const tried = useMutation({
  mutationFn: () => newOrder(`Trying ${props.name}`.slice(0, NAME_LENGTH), DAYS_AHEAD, [newLine(props.speciesId)]),
  onSuccess: (made) => router.push(`/orders/${made.id}/bench`),
})
</script>

<template>
  <div>
    <button type="button" class="act" :disabled="tried.isPending.value" @click="tried.mutate()">Try one at the bench</button>
    <ProblemNote v-if="tried.error.value" :error="tried.error.value" class="mt-2" />
  </div>
</template>
