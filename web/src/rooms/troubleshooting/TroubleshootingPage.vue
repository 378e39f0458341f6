<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { RouterLink, useRoute, useRouter } from 'vue-router'
import { answered, api } from '@/api/client'
import ProblemNote from '@/parts/ProblemNote.vue'

/** From what is seen to its likely cause in this flower, this room and this studio's book, and what to do. Everything chosen stands in the address. */
const route = useRoute()
const router = useRouter()
const one = (name: string) => (typeof route.query[name] === 'string' ? (route.query[name] as string) : undefined)
const chosen = computed(() => ({ species: one('species'), part: one('part'), seen: one('seen'), answer: one('answer') }))
const choose = (change: Record<string, string | undefined>) =>
  router.replace({ path: '/troubleshooting', query: { ...route.query, ...change } })

const symptoms = useQuery({ queryKey: ['symptoms'], queryFn: () => answered(api.GET('/api/troubleshooting')) })
const shelf = useQuery({ queryKey: ['species'], queryFn: () => answered(api.GET('/api/species')) })
const species = computed(() => shelf.data.value?.filter((s) => !s.archived) ?? [])
const symptom = computed(() => symptoms.data.value?.find((s) => s.seen === chosen.value.seen))
const guide = useQuery({
  queryKey: computed(() => ['troubleshooting', chosen.value]),
  enabled: computed(() => chosen.value.species !== undefined),
  queryFn: () =>
    answered(
      api.GET('/api/species/{id}/troubleshooting', {
        params: {
          path: { id: chosen.value.species! },
          query: {
            seen: chosen.value.seen,
            part: chosen.value.part,
            answer: chosen.value.answer === undefined ? undefined : Number(chosen.value.answer),
          },
        },
      }),
    ),
  placeholderData: (before) => before,
})
const parts = computed(() => (chosen.value.species ? (guide.data.value?.parts ?? []) : []))
</script>

<template>
  <div class="mx-auto grid max-w-6xl grid-cols-1 gap-8 px-6 py-4 lg:grid-cols-[300px_minmax(0,1fr)]">
    <section aria-label="What is seen">
      <h1 class="border-b border-line pb-2 text-title">Troubleshooting</h1>
      <label class="mt-3 block text-note text-quiet" for="troubled-species">flower</label>
      <select
        id="troubled-species"
        class="w-full"
        :value="chosen.species ?? ''"
        @change="choose({ species: ($event.target as HTMLSelectElement).value || undefined, part: undefined })"
      >
        <option value="">choose it</option>
        <option v-for="s in species" :key="s.id" :value="s.id">{{ s.name }}</option>
      </select>
      <template v-if="parts.length">
        <label class="mt-2 block text-note text-quiet" for="troubled-part">part</label>
        <select
          id="troubled-part"
          class="w-full"
          :value="chosen.part ?? ''"
          @change="choose({ part: ($event.target as HTMLSelectElement).value || undefined })"
        >
          <option value="">the whole flower</option>
          <option v-for="p in parts" :key="p.id" :value="p.id">{{ p.name }}</option>
        </select>
      </template>
      <h2 class="mt-4 text-head">What is seen</h2>
      <ul>
        <li v-for="s in symptoms.data.value" :key="s.seen" class="border-b border-line">
          <button
            type="button"
            class="w-full py-2 text-left"
            :class="s.seen === chosen.seen ? 'font-medium' : 'text-quiet hover:text-ink'"
            :aria-pressed="s.seen === chosen.seen"
            @click="choose({ seen: s.seen, answer: undefined })"
          >
            {{ s.seen === chosen.seen ? '● ' : '' }}{{ s.label }}
          </button>
        </li>
      </ul>
    </section>
    <section aria-label="Likely causes" class="min-w-0">
      <ProblemNote v-if="symptoms.error.value ?? guide.error.value" :error="(symptoms.error.value ?? guide.error.value) as Error" />
      <p v-if="!symptom" class="mt-2 text-quiet">
        Choose the flower and what is seen of it. The causes are weighed by what was designed, by the room as it is and by what the book has
        learnt.
      </p>
      <template v-else>
        <fieldset>
          <legend class="text-head">{{ symptom.question }}</legend>
          <div class="mt-1 flex flex-wrap gap-2">
            <button
              v-for="(words, i) in symptom.answers"
              :key="words"
              type="button"
              :class="chosen.answer === String(i) ? 'act bg-accent text-sheet' : 'act'"
              :aria-pressed="chosen.answer === String(i)"
              @click="choose({ answer: chosen.answer === String(i) ? undefined : String(i) })"
            >
              {{ words }}
            </button>
          </div>
        </fieldset>
        <p v-if="!chosen.species" class="mt-4 text-quiet">Choose the flower: its figures tell the causes apart.</p>
        <ol v-else class="mt-4">
          <li
            v-for="(cause, i) in guide.data.value?.causes"
            :key="cause.cause"
            class="border-t border-line py-3"
            :class="i > 0 && 'text-quiet'"
            data-cause
          >
            <h3 class="text-lead" :class="i === 0 && 'font-medium text-ink'">{{ i === 0 ? 'Most likely: ' : '' }}{{ cause.cause }}</h3>
            <p class="text-note">{{ $told(cause.because) }}</p>
            <p class="mt-1"><em class="font-heading">now</em> {{ $told(cause.now) }}</p>
            <p><em class="font-heading">next time</em> {{ $told(cause.next) }}</p>
          </li>
        </ol>
        <p v-if="chosen.species" class="mt-2"><RouterLink class="act-quiet" :to="`/plate/${chosen.species}`">Its plate</RouterLink></p>
      </template>
    </section>
  </div>
</template>
