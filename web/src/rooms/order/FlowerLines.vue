<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { RouterLink } from 'vue-router'
import { answered, api, type Schemas } from '@/api/client'
import ChoiceField from '@/parts/fields/ChoiceField.vue'
import { field } from '@/parts/fields/schema'
import SchemaNumber from '@/parts/fields/SchemaNumber.vue'
import ProblemNote from '@/parts/ProblemNote.vue'
import { STAGES } from '@/parts/stages'
import { newLine } from './newOrder'

/** Which flowers an order is of, and how many of each. */
const props = defineProps<{ lines: Schemas['OrderLine'][] }>()
const emit = defineEmits<{ change: [lines: Schemas['OrderLine'][]] }>()
const species = useQuery({ queryKey: ['species'], queryFn: () => answered(api.GET('/api/species')) })
const adding = ref('')
const nameOf = (id: string) => species.data.value?.find((s) => s.id === id)?.name ?? '…'

function setFlowers(at: number, flowers: number) {
  const lines = props.lines.map((l, i) => (i === at ? { ...l, flowers } : l))
  emit('change', lines)
}

/** A species is added by its id, a stage by that of its full flower and its name; the stage then becomes a species of its own. */
const LESS_OPEN = STAGES.filter((s) => s.value !== 'full')
const fault = ref<unknown>()

async function add(chosen: string) {
  adding.value = ''
  fault.value = undefined
  const [id, stage] = chosen.split(' ')
  if (!id) return
  try {
    const speciesId = stage ? (await answered(api.POST('/api/species/{id}/stages/{stage}', { params: { path: { id, stage } } }))).id : id
    if (stage) await species.refetch()
    if (props.lines.some((l) => l.speciesId === speciesId)) return
    emit('change', [...props.lines, newLine(speciesId)])
  } catch (e) {
    fault.value = e
  }
}

const free = computed(() => {
  const shelf = species.data.value ?? []
  const ordered = (id?: string) => props.lines.some((l) => l.speciesId === id)
  return shelf
    .filter((s) => !s.archived && !s.stageOf)
    .flatMap((s) => [
      { value: s.id, label: s.name, made: s.id },
      ...LESS_OPEN.map(({ value: stage, label }) => ({
        value: `${s.id} ${stage}`,
        label: `${s.name}, ${label}`,
        made: shelf.find((own) => own.stageOf?.fullId === s.id && own.stageOf.stage === stage)?.id,
      })),
    ])
    .filter((choice) => !ordered(choice.made))
})
</script>

<template>
  <div class="space-y-3">
    <h2 class="border-b border-line pt-2 text-lead">Flowers</h2>
    <p v-if="lines.length === 0" class="text-quiet">Choose a species below, then say how many.</p>
    <div v-for="(line, i) in lines" :key="line.id" class="flex items-end gap-2">
      <SchemaNumber
        class="w-32"
        :node="field('OrderLine', 'flowers')"
        :label="nameOf(line.speciesId)"
        :value="line.flowers"
        @change="setFlowers(i, $event)"
      />
      <RouterLink class="act-quiet flex-1 !justify-start" :to="`/plate/${line.speciesId}`">its plate</RouterLink>
      <button
        type="button"
        class="act-quiet"
        :aria-label="`Remove ${nameOf(line.speciesId)}`"
        @click="
          emit(
            'change',
            lines.filter((_, k) => k !== i),
          )
        "
      >
        remove
      </button>
    </div>
    <ChoiceField
      v-if="free.length"
      label="add a species or a stage"
      :value="adding"
      :choices="[{ value: '', label: 'choose …' }, ...free]"
      @change="add"
    />
    <ProblemNote v-if="fault" :error="fault" />
  </div>
</template>
