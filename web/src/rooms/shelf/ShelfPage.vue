<script setup lang="ts">
import { useMutation, useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, onBeforeUnmount, ref, useTemplateRef } from 'vue'
import { useRouter } from 'vue-router'
import { answered, api, Failure, type Schemas, type SpeciesDocument } from '@/api/client'
import { ifMatch } from '@/kept/etags'
import ProblemNote from '@/parts/ProblemNote.vue'
import { type Action, useActions } from '@/parts/useActions'
import BuildTiles from './BuildTiles.vue'
import SpeciesCard from './SpeciesCard.vue'
import StageRow from './StageRow.vue'
import UnreadableCard from './UnreadableCard.vue'

const router = useRouter()
const queries = useQueryClient()
const picker = ref<HTMLInputElement>()
const name = ref('')
const naming = useTemplateRef<HTMLInputElement>('naming')
const actions = useActions()
const showArchived = ref(false)

const species = useQuery({ queryKey: ['species'], queryFn: () => answered(api.GET('/api/species')) })
/** Stages stand with their full flower, not by themselves. */
const standing = computed(() => species.data.value?.filter((s) => s.archived === showArchived.value && !s.stageOf) ?? [])
const staged = ref<string>()
const archivedCount = computed(() => species.data.value?.filter((s) => s.archived).length ?? 0)

const builds = useQuery({ queryKey: ['builds'], queryFn: () => answered(api.GET('/api/species/builds')), staleTime: Infinity })
const choosing = ref(false)
/** An empty shelf shows what can be begun from. */
const offering = computed(() => choosing.value || (species.data.value !== undefined && standing.value.length === 0 && !showArchived.value))

const offered = (): Action[] => [
  { label: 'begin a new species', kind: 'action', run: () => naming.value?.focus() },
  ...(builds.data.value ?? []).map((build): Action => ({
    label: `start from: ${build.name}`,
    kind: 'action',
    run: () => beginFrom(build),
  })),
]
actions.gather = offered
onBeforeUnmount(() => actions.leave(offered))

const begin = useMutation({
  mutationFn: (body: Schemas['NewSpecies']) => answered(api.POST('/api/species/begun', { body })),
  onSuccess: (made) => router.push(`/plate/${made.id}`),
})

function beginFrom(build: Schemas['BuildCard']) {
  begin.mutate({ name: name.value || build.name, build: build.id })
}

/** A document out of a file. */
async function read(file: File): Promise<SpeciesDocument> {
  const text = await file.text()
  try {
    return JSON.parse(text) as SpeciesDocument
  } catch (e) {
    throw new Failure(
      {
        type: 'urn:crisp-whorl:document',
        title: `${file.name} is not a species document`,
        status: 422,
        detail: `It is not JSON: ${(e as Error).message}. Nothing was brought in.`,
        faults: [],
      },
      422,
    )
  }
}

const bringIn = useMutation({
  mutationFn: async ({ file, over }: { file: File; over?: Schemas['SpeciesCard'] }) => {
    const body = await read(file)
    if (!over) return answered(api.POST('/api/species', { body }))
    const params = { path: { id: over.id }, header: ifMatch(over.version) }
    return answered(api.PUT('/api/species/{id}/document', { params, body }))
  },
  onSettled: () => {
    if (picker.value) picker.value.value = ''
    return queries.invalidateQueries({ queryKey: ['species'] })
  },
})

const archive = useMutation({
  mutationFn: ({ id, archived }: { id: string; archived: boolean }) =>
    answered(api.PUT('/api/species/{id}/archived', { params: { path: { id } }, body: { archived } })),
  onSuccess: () => queries.invalidateQueries({ queryKey: ['species'] }),
})

function picked(event: Event) {
  const file = (event.target as HTMLInputElement).files?.[0]
  if (file) bringIn.mutate({ file })
}
</script>

<template>
  <div class="mx-auto max-w-6xl px-5 py-5">
    <div class="flex flex-wrap items-end gap-4 border-b border-line pb-4">
      <h1 class="flex-1 text-title">Shelf</h1>
      <form class="flex items-end gap-2" @submit.prevent="begin.mutate({ name })">
        <label class="block">
          <span class="block text-note text-quiet">a new species</span>
          <input ref="naming" v-model="name" class="field h-9 w-52" placeholder="its name" maxlength="80" required />
        </label>
        <button class="act" type="submit">Begin</button>
        <button class="act-quiet" type="button" :aria-expanded="offering" @click="choosing = !choosing">or from a build …</button>
      </form>
      <label class="act">
        Import a document
        <input ref="picker" type="file" accept=".json,application/json" class="sr-only" @change="picked" />
      </label>
    </div>
    <ProblemNote v-if="begin.error.value" :error="begin.error.value" class="mt-4" />
    <ProblemNote v-if="bringIn.error.value" :error="bringIn.error.value" class="mt-4" />
    <ProblemNote v-if="archive.error.value" :error="archive.error.value" class="mt-4" />
    <ProblemNote v-if="species.error.value" :error="species.error.value" class="mt-4" />
    <p v-if="bringIn.data.value" role="status" class="mt-4">
      ● <em>{{ bringIn.data.value.name }}</em> stands on the shelf.
    </p>
    <p v-if="species.data.value && standing.length === 0" class="mt-8 max-w-xl text-quiet">
      {{
        showArchived
          ? 'Nothing is archived.'
          : 'The shelf is empty. Begin a species by its name: it starts as a centre with five petals, and you turn it into yours. Or begin from one of these builds, as flowers are commonly made.'
      }}
    </p>
    <BuildTiles
      v-if="offering && builds.data.value"
      :builds="builds.data.value"
      class="mt-4 border-b border-line pb-4"
      @begin="beginFrom"
    />
    <ul class="mt-5 grid grid-flow-row-dense grid-cols-2 gap-x-6 gap-y-8 md:grid-cols-3 lg:grid-cols-4">
      <template v-for="card in standing" :key="card.id">
        <UnreadableCard
          v-if="!card.drawn"
          :card="card"
          @archived="archive.mutate({ id: card.id, archived: !card.archived })"
          @fix="(file) => bringIn.mutate({ file, over: card })"
        />
        <SpeciesCard
          v-else
          :card="card"
          :drawn="card.drawn"
          :staged="staged === card.id"
          @archived="archive.mutate({ id: card.id, archived: !card.archived })"
          @begin="begin.mutate({ name: `${card.name}, another`.slice(0, 80), like: card.id })"
          @stages="staged = staged === card.id ? undefined : card.id"
        />
        <StageRow v-if="staged === card.id" :id="card.id" :name="card.name" />
      </template>
    </ul>
    <button v-if="archivedCount > 0 || showArchived" type="button" class="act-quiet mt-8" @click="showArchived = !showArchived">
      {{ showArchived ? 'Back to the shelf' : `Archived: ${archivedCount}` }}
    </button>
  </div>
</template>
