<script setup lang="ts">
import { computed, ref } from 'vue'
import { answered, api, type Schemas } from '@/api/client'
import published from '@formats/venue.schema.json'
import { choicesOf, definition, publish, usual } from '@/parts/fields/schema'
import SchemaFields from '@/parts/fields/SchemaFields.vue'
import ProblemNote from '@/parts/ProblemNote.vue'

/** Which media can make the order by its date, and stand where it goes. */
publish(published)
const props = defineProps<{ id: string; changeable: boolean; goes?: Schemas['Venue'] }>()
const emit = defineEmits<{ make: [medium: Schemas['Medium'], label: string]; goes: [venue: Schemas['Venue']] }>()
const venue = computed(() => props.goes ?? (usual(definition('Venue')) as Schemas['Venue']))
const told = ref<Schemas['MediumFit'][]>()
const fault = ref<unknown>()
const busy = ref(false)
const labels = new Map(choicesOf(definition('Medium')).map((c) => [c.value, c.label]))
const MARKS = { yes: '●', risky: '◆', no: '■' }

async function ask() {
  fault.value = undefined
  busy.value = true
  try {
    told.value = await answered(api.POST('/api/orders/{id}/media', { params: { path: { id: props.id } }, body: venue.value }))
  } catch (e) {
    fault.value = e
  } finally {
    busy.value = false
  }
}
const change = (at: string, value: unknown) => emit('goes', { ...venue.value, [at.slice(1)]: value })
</script>

<template>
  <details class="border-t border-line pt-2" data-media>
    <summary class="cursor-pointer text-lead">Which medium, for that day and place?</summary>
    <SchemaFields
      class="mt-2 max-w-xl"
      :node="definition('Venue')"
      :value="venue as unknown as Record<string, unknown>"
      path=""
      @change="change"
    />
    <p class="mt-1 text-note text-quiet">
      {{
        goes
          ? 'Kept with the order: the service card goes by it.'
          : 'Not known yet: change it to where the order goes, and the service card goes by it.'
      }}
    </p>
    <p class="mt-2"><button type="button" class="act" :disabled="busy" @click="ask">Work it out</button></p>
    <ProblemNote v-if="fault" :error="fault" class="mt-2" />
    <table v-if="told" class="mt-2 w-full" aria-label="Media">
      <thead>
        <tr class="text-left text-note text-quiet">
          <th class="font-normal">medium</th>
          <th class="pl-4 text-right font-normal whitespace-nowrap">ready after</th>
          <th class="pl-4 text-right font-normal">hands</th>
          <th class="pl-4 font-normal">why</th>
          <th />
        </tr>
      </thead>
      <tbody>
        <tr v-for="m in told" :key="m.medium" class="border-t border-line align-top">
          <td class="py-1 whitespace-nowrap">{{ MARKS[m.fits] }} {{ labels.get(m.medium) }}</td>
          <td class="py-1 pl-4 text-right whitespace-nowrap">{{ m.readyH === null ? 'never' : `${m.readyH.toFixed(0)} h` }}</td>
          <td class="py-1 pl-4 text-right whitespace-nowrap">{{ m.labourH.toFixed(1) }} h</td>
          <td class="py-1 pl-4">{{ m.reasons.join(' · ') }}</td>
          <td class="py-1 pl-4 text-right whitespace-nowrap">
            <button
              v-if="changeable"
              type="button"
              class="act-quiet"
              :aria-label="`Make it of ${labels.get(m.medium)}`"
              @click="emit('make', m.medium, labels.get(m.medium) ?? m.medium)"
            >
              make it of this
            </button>
          </td>
        </tr>
      </tbody>
    </table>
    <p v-if="told && changeable" class="text-note text-quiet">
      Its flowers then are species of their own on the shelf, of that medium; those that are of it already stay.
    </p>
  </details>
</template>
