<script setup lang="ts">
import { useMutation, useQuery, useQueryClient } from '@tanstack/vue-query'
import { RouterLink, useRouter } from 'vue-router'
import { answered, api, type Schemas } from '@/api/client'
import { writeLength } from '@/measure/lengths'
import { useLengths } from '@/measure/useLengths'
import FaceTile from '@/parts/FaceTile.vue'
import ProblemNote from '@/parts/ProblemNote.vue'

/** The stages of opening of one species at one scale: by rule, or as the studio changed them. */
const props = defineProps<{ id: string; name: string }>()
const router = useRouter()
const queries = useQueryClient()
const lengths = useLengths()
type Stage = Schemas['StageCard']

const stages = useQuery({
  queryKey: ['stages', props.id],
  queryFn: () => answered(api.GET('/api/species/{id}/stages', { params: { path: { id: props.id } } })),
})
const reach = (all: Stage[]) => 1.06 * Math.max(...all.map((s) => s.face.radiusMm))
const isFull = (stage: Stage) => stage.stage === 'full'

const own = useMutation({
  mutationFn: (stage: Stage) =>
    answered(api.POST('/api/species/{id}/stages/{stage}', { params: { path: { id: props.id, stage: stage.stage } } })),
  onSuccess: (made) => router.push(`/plate/${made.id}`),
})
const byRule = useMutation({
  mutationFn: (stage: Stage) =>
    answered(api.DELETE('/api/species/{id}/stages/{stage}', { params: { path: { id: props.id, stage: stage.stage } } })),
  onSuccess: () =>
    Promise.all([queries.invalidateQueries({ queryKey: ['stages', props.id] }), queries.invalidateQueries({ queryKey: ['species'] })]),
})
</script>

<template>
  <li class="col-span-full border-y border-line py-3" data-stages>
    <p class="flex flex-wrap items-baseline gap-x-4">
      <span class="heading-small flex-1">{{ name }}: its stages, at one scale</span>
      <RouterLink class="act-quiet" :to="`/compare?a=${id}&at=bud&b=${id}&bt=full`">Compare them</RouterLink>
    </p>
    <ProblemNote
      v-if="stages.error.value ?? own.error.value ?? byRule.error.value"
      :error="stages.error.value ?? own.error.value ?? byRule.error.value"
    />
    <ul v-if="stages.data.value" class="mt-1 grid grid-cols-3 gap-6">
      <li v-for="stage in stages.data.value" :key="stage.stage" class="flex gap-3" :data-stage="stage.stage">
        <FaceTile class="w-36 shrink-0" :drawn="stage" :name="stage.name" :lines="140" :reach-mm="reach(stages.data.value)" />
        <div class="min-w-0">
          <h3 class="text-lead">{{ stage.label }}</h3>
          <p class="text-quiet">
            {{ writeLength(stage.faceMm, lengths.unit, 0) }} {{ lengths.unit }} across<br />{{ stage.pieces }} pieces ·
            {{ Math.round(stage.labourMin) }} min<br />
            {{ isFull(stage) ? 'as designed' : stage.ownId ? 'as you changed it' : 'by rule' }}
          </p>
          <RouterLink v-if="stage.ownId" class="act-quiet !px-0" :to="`/plate/${stage.ownId}`">Its plate</RouterLink>
          <button v-else type="button" class="act-quiet !px-0" @click="own.mutate(stage)">Change it</button>
          <button v-if="stage.ownId && !isFull(stage)" type="button" class="act-quiet ml-3 !px-0" @click="byRule.mutate(stage)">
            Back to the rule
          </button>
        </div>
      </li>
    </ul>
  </li>
</template>
