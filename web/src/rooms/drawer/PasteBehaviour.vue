<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { answered, api, type Schemas } from '@/api/client'
import FigureTable from '@/parts/FigureTable.vue'
import { useRoom } from '@/parts/useRoom'

/** How long a paste stays open and takes to dry, told of a sheet of 1 mm in the room as it is now. */
const props = defineProps<{ item: Schemas['OwnPaste'] }>()
const room = useRoom()
const found = useQuery({
  queryKey: computed(() => ['paste-check', props.item.paste, room.room, room.state]),
  queryFn: () => answered(api.POST('/api/drawer/paste-check', { body: props.item })),
  placeholderData: (before) => before,
})
</script>

<template>
  <section v-if="found.data.value" aria-label="How it behaves">
    <FigureTable :figures="found.data.value" />
  </section>
</template>
