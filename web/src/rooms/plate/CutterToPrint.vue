<script setup lang="ts">
import { computed, ref } from 'vue'
import printed from '@formats/printed-cutter.schema.json'
import SchemaFields from '@/parts/fields/SchemaFields.vue'
import { definition, publish, usual } from '@/parts/fields/schema'

/** A cutter of this part as a solid to print; its walls may be set, no thinner than a printer prints. */
const props = defineProps<{ speciesId: string; partId: string }>()
publish(printed)
const node = definition('PrintedCutter')
const walls = ref(usual(node) as Record<string, number>)
const href = computed(
  () =>
    `/api/species/${props.speciesId}/parts/${props.partId}/cutter.stl?${new URLSearchParams(Object.entries(walls.value).map(([k, v]) => [k, String(v)]))}`,
)
</script>

<template>
  <details class="mt-1">
    <summary class="cursor-pointer text-note">a cutter to print</summary>
    <SchemaFields
      class="mt-1"
      :node="node"
      :value="walls"
      path=""
      @change="(path, value) => (walls = { ...walls, [path.slice(1)]: value as number })"
    />
    <p><a class="act-quiet !px-0" :href="href" :download="`${partId}.stl`">Cutter to print (STL)</a></p>
    <p class="text-note text-quiet">
      ◆ Printed plastic is not food-safe by itself: its grooves hold paste, and not every filament is meant for food. Ask for filament and
      printer that are, lay film between cutter and paste, wash it by hand, and follow your local food rules; where in doubt ask your local
      food authority or a qualified adviser.
    </p>
  </details>
</template>
