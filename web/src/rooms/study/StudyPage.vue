<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { answered, api, type Schemas } from '@/api/client'
import { useKept } from '@/kept/useKept'
import studySchema from '@formats/study.schema.json'
import { field, publish } from '@/parts/fields/schema'
import SchemaNumber from '@/parts/fields/SchemaNumber.vue'
import TextField from '@/parts/fields/TextField.vue'
import ProblemNote from '@/parts/ProblemNote.vue'
import MeasuredRows from './MeasuredRows.vue'
import RingSketch from './RingSketch.vue'

/** A flower taken apart: measured petals, sorted into rings, become the first draft of a species. */
type Study = Schemas['Study']
publish(studySchema)
const KEPT = 'crisp-whorl-study'
const router = useRouter()
const begun: Study = {
  name: 'a flower from the towpath',
  realFaceMm: 90,
  faceMm: 60,
  thinning: { rolledMm: 1.1, finishedMm: 0.7 },
  petals: [
    { count: 5, lengthMm: 32, widthMm: 26, widest: 0.6, note: 'inner' },
    { count: 8, lengthMm: 44, widthMm: 38, widest: 0.62, note: 'outer' },
  ],
}
const failure = ref<unknown>()
/** What was measured stays in this browser until it is drafted. */
const kept = useKept<Study>({
  name: 'study',
  read: () => Promise.resolve({ version: 0, value: remembered() }),
  write(now) {
    localStorage.setItem(KEPT, JSON.stringify(now))
    return Promise.resolve(0)
  },
})
void kept.load()
const study = computed(() => kept.value.value ?? begun)

function remembered(): Study {
  try {
    return { ...begun, ...(JSON.parse(localStorage.getItem(KEPT) ?? '{}') as Partial<Study>) }
  } catch {
    return begun
  }
}

const sorted = useQuery({
  queryKey: computed(() => ['rings', study.value]),
  queryFn: () => answered(api.POST('/api/study/rings', { body: study.value })),
  enabled: computed(() => study.value.petals.length > 0),
  placeholderData: (before) => before,
  retry: false,
})
const rings = computed(() => (study.value.petals.length ? (sorted.data.value?.rings ?? []) : []))
const change = (changed: Partial<Study>) => kept.set({ ...study.value, ...changed }, Object.keys(changed).join())

async function draft() {
  failure.value = undefined
  try {
    const made = await answered(api.POST('/api/study/draft', { body: study.value }))
    await router.push(`/plate/${made.id}`)
  } catch (e) {
    failure.value = e
  }
}

async function takeIn(event: Event) {
  const file = (event.target as HTMLInputElement).files?.[0]
  if (!file) return
  failure.value = undefined
  try {
    const read = await answered(api.POST('/api/study/read', { body: { csv: await file.text() } }))
    change({ petals: read.rings })
  } catch (e) {
    failure.value = e
  }
}

async function takeOut() {
  const { csv } = await answered(api.POST('/api/study/write', { body: { rings: study.value.petals } }))
  const link = document.createElement('a')
  link.href = URL.createObjectURL(new Blob([csv], { type: 'text/csv' }))
  link.download = 'measured-petals.csv'
  link.click()
  URL.revokeObjectURL(link.href)
}
</script>

<template>
  <div class="mx-auto grid max-w-6xl grid-cols-1 gap-8 px-5 py-4 lg:grid-cols-[minmax(0,1fr)_380px]">
    <section aria-label="What was measured">
      <button v-if="kept.canUndo.value" type="button" class="act-quiet float-right" @click="kept.undo">Undo</button>
      <h1 class="text-title">Study</h1>
      <p class="text-quiet">
        Take a flower apart, lay its petals flat, and measure them: a row for every size, or for every single petal. A draft is worked out
        at the width you want, allowing for thinning; leans, formers and centre are then yours to set.
      </p>
      <div class="mt-3 grid grid-cols-4 gap-3">
        <TextField class="col-span-2" label="name" :value="study.name" :longest="80" @change="$event && change({ name: $event })" />
        <SchemaNumber :node="field('Study', 'realFaceMm')" :value="study.realFaceMm" @change="change({ realFaceMm: $event })" />
        <SchemaNumber :node="field('Study', 'faceMm')" :value="study.faceMm" @change="change({ faceMm: $event })" />
        <SchemaNumber
          :node="field('Thinning', 'rolledMm')"
          label="rolled to"
          :value="study.thinning.rolledMm"
          @change="change({ thinning: { ...study.thinning, rolledMm: $event } })"
        />
        <SchemaNumber
          :node="field('Thinning', 'finishedMm')"
          label="thinned to"
          :value="study.thinning.finishedMm"
          @change="change({ thinning: { ...study.thinning, finishedMm: $event } })"
        />
      </div>
      <MeasuredRows class="mt-4" :rows="study.petals" @change="change({ petals: $event })" />
      <p class="mt-3 flex flex-wrap items-center gap-3">
        <button type="button" class="act-quiet !px-0" :disabled="study.petals.length === 0" @click="takeOut">Export as CSV</button>
        <label class="act-quiet cursor-pointer"
          >Import a table<input type="file" accept=".csv,text/csv" class="sr-only" @change="takeIn"
        /></label>
      </p>
      <ProblemNote v-if="failure ?? sorted.error.value" :error="failure ?? sorted.error.value" class="mt-3" />
    </section>
    <section aria-label="The rings">
      <h2 class="text-head">
        {{ rings.length }} {{ rings.length === 1 ? 'ring' : 'rings' }}, {{ rings.reduce((s, r) => s + r.count, 0) }} petals
      </h2>
      <RingSketch :rings="rings" :scale="study.faceMm / study.realFaceMm" />
      <p class="mt-4"><button type="button" class="act" :disabled="rings.length === 0" @click="draft">Draft the species</button></p>
    </section>
  </div>
</template>
