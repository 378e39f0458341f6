<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { RouterLink } from 'vue-router'
import { answered, api } from '@/api/client'
import { missing } from './told'

/** What the drawer lacks for one order. */
const props = defineProps<{ order: string }>()
const NAMED = 5
const materials = useQuery({
  queryKey: ['materials', props.order],
  queryFn: () => answered(api.GET('/api/orders/{id}/materials', { params: { path: { id: props.order } } })),
})
const lacking = computed(() => missing(materials.data.value?.shopping ?? []))
</script>

<template>
  <p v-if="materials.isSuccess.value && lacking.length === 0" class="text-note">● everything is in the drawer</p>
  <ul v-else class="text-note">
    <li v-for="one in lacking.slice(0, NAMED)" :key="one" data-lacking>{{ $told(one) }}</li>
    <li v-if="lacking.length > NAMED">
      <RouterLink class="text-accent hover:underline" :to="`/orders/${order}/sheets/shopping`"
        >and {{ lacking.length - NAMED }} more</RouterLink
      >
    </li>
  </ul>
</template>
