<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { answered, api } from '@/api/client'
import ProblemNote from '@/parts/ProblemNote.vue'
import { STAGES } from '@/parts/stages'
import ComparedFace from './ComparedFace.vue'
import ComparedFigures from './ComparedFigures.vue'
import { type Side, useSide } from './useSide'

/** Two species, or two stages of one, side by side at one scale; what differs is marked. */
const route = useRoute()
const router = useRouter()
const species = useQuery({ queryKey: ['species'], queryFn: () => answered(api.GET('/api/species')) })
const shelf = computed(() => (species.data.value ?? []).filter((s) => !s.archived && !s.stageOf))
const text = (name: string) => (typeof route.query[name] === 'string' ? (route.query[name] as string) : '')
const left = ref<Side>({ id: text('a'), stage: (text('at') || 'half') as Side['stage'] })
const right = ref<Side>({ id: text('b') || text('a'), stage: (text('bt') || 'full') as Side['stage'] })
watch(
  shelf,
  (now) => {
    if (!left.value.id && now[0]) left.value = { ...left.value, id: now[0].id }
    if (!right.value.id && now[0]) right.value = { ...right.value, id: now[0].id }
  },
  { immediate: true },
)
watch([left, right], ([a, b]) => router.replace({ query: { a: a.id, at: a.stage, b: b.id, bt: b.stage } }))

const one = useSide(left)
const other = useSide(right)
const sides = computed(() => [
  { key: 'left', side: left, shown: one.value },
  { key: 'right', side: right, shown: other.value },
])
const reach = computed(() => 1.1 * Math.max(1, ...[one.value, other.value].map((s) => s.reckoning?.drawing.face.radiusMm ?? 0)))
const failure = ref<unknown>()

/** A stage becomes a species of its own, to be changed like any other. */
async function change({ id, stage }: Side) {
  failure.value = undefined
  try {
    const made = await answered(api.POST('/api/species/{id}/stages/{stage}', { params: { path: { id, stage } } }))
    await router.push(`/plate/${made.id}`)
  } catch (e) {
    failure.value = e
  }
}
</script>

<template>
  <div class="mx-auto max-w-6xl px-5 py-4">
    <h1 class="text-title">Compare</h1>
    <ProblemNote v-if="failure" :error="failure" />
    <div class="mt-2 grid grid-cols-2 gap-6">
      <section v-for="{ key, side, shown } in sides" :key="key" :aria-label="key">
        <div class="flex gap-2">
          <select v-model="side.value.id" class="field h-9" :aria-label="`species, ${key}`">
            <option v-for="s in shelf" :key="s.id" :value="s.id">{{ s.name }}</option>
          </select>
          <select v-model="side.value.stage" class="field h-9 !w-40" :aria-label="`stage, ${key}`">
            <option v-for="s in STAGES" :key="s.value" :value="s.value">{{ s.label }}</option>
          </select>
        </div>
        <ProblemNote v-if="shown.error" :error="shown.error" class="mt-2" />
        <ComparedFace
          v-if="shown.reckoning && shown.document"
          class="mt-2"
          :reckoning="shown.reckoning"
          :document="shown.document"
          :reach="reach"
        />
        <p v-if="shown.document && side.value.stage !== 'full'">
          <button type="button" class="act-quiet !px-0" @click="change(side.value)">Change this stage</button>
        </p>
      </section>
    </div>
    <ComparedFigures
      v-if="one.reckoning && other.reckoning && one.document && other.document"
      class="mt-4"
      :left="one.reckoning"
      :right="other.reckoning"
    />
  </div>
</template>
