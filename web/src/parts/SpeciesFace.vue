<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { answered, api } from '@/api/client'
import FaceTile from './FaceTile.vue'

/** The small face of a species of the shelf beside its name; nothing but its room where there is none of that name. */
const props = defineProps<{ name: string }>()
const species = useQuery({ queryKey: ['species'], queryFn: () => answered(api.GET('/api/species')) })
const drawn = computed(() => species.data.value?.find((s) => s.name === props.name)?.drawn)
</script>

<template>
  <span class="inline-block shrink-0" aria-hidden="true">
    <FaceTile v-if="drawn" class="size-full" :drawn="drawn" name="" :lines="120" />
  </span>
</template>
