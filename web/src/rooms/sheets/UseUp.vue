<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { RouterLink } from 'vue-router'
import { answered, api } from '@/api/client'
import ProblemNote from '@/parts/ProblemNote.vue'

/** What an order used up is taken out of the drawer, and can be put back. */
const props = defineProps<{ id: string }>()
const emit = defineEmits<{ changed: [] }>()
const queries = useQueryClient()
const path = { params: { path: { id: props.id } } }
const used = useQuery({ queryKey: ['order-use', props.id], queryFn: () => answered(api.GET('/api/orders/{id}/use', path)) })
const plain = (value: number) => value.toFixed(1).replace(/\.0$/, '')

async function useUp() {
  await answered(api.POST('/api/orders/{id}/use', path))
  await queries.invalidateQueries()
  emit('changed')
}

async function putBack() {
  await answered(api.DELETE('/api/orders/{id}/use', path))
  await queries.invalidateQueries()
  emit('changed')
}
</script>

<template>
  <p class="not-printed mt-2">
    <RouterLink class="act-quiet !px-0" to="/drawer/buy">Fewest cutters for these and other species …</RouterLink>
  </p>
  <section class="not-printed mt-4 border-t border-ink pt-2" aria-label="The drawer">
    <ProblemNote v-if="used.error.value" :error="used.error.value" />
    <template v-if="used.data.value?.length">
      <p>● Taken out of the drawer for this order:</p>
      <ul class="columns-2">
        <li v-for="u in used.data.value" :key="u.name">
          {{ u.name }}: {{ plain(u.taken.amount)
          }}<template v-if="u.taken.offcutsUsed.length">, {{ u.taken.offcutsUsed.length }} offcuts</template
          ><template v-if="u.taken.offcutsLeft.length">; {{ u.taken.offcutsLeft.length }} offcuts come back</template>
        </li>
      </ul>
      <p class="mt-2"><button type="button" class="act" @click="putBack">Put it all back</button></p>
    </template>
    <template v-else>
      <p>
        Once the flowers are made, take what they used out of the drawer: wires, paste, stamens, what was bought ready-made, dusts, tape and
        picks; offcuts worth keeping go back in.
      </p>
      <p class="mt-2"><button type="button" class="act" @click="useUp">Use these up</button></p>
    </template>
  </section>
</template>
