<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, watch } from 'vue'
import { RouterLink } from 'vue-router'
import { answered, api, type Schemas } from '@/api/client'
import { useJob } from '@/kept/useJob'
import JobNote from '@/parts/JobNote.vue'
import ProblemNote from '@/parts/ProblemNote.vue'
import { day, readable, time } from './dates'

/** The days of an order: those that are kept; where there are none, or they were made for something else, a quick plan beside them. */
const props = defineProps<{ id: string; /** What it takes by now: the days are looked at again whenever that is another. */ of: unknown }>()
const path = { params: { path: { id: props.id } } }
const days = useQuery({ queryKey: ['days', props.id], queryFn: () => answered(api.GET('/api/orders/{id}/days', path)) })
const kept = computed(() => days.data.value?.planned?.calendar)
const changed = computed(() => days.data.value?.changed ?? [])
const quick = useJob<Schemas['DaysView']>(() => answered(api.POST('/api/orders/{id}/days/quick', path)))
const plain = computed(() => (kept.value && changed.value.length === 0 ? undefined : quick.result.value?.planned?.calendar))

async function look() {
  const now = await days.refetch()
  if (now.data && (!now.data.planned || now.data.changed.length > 0)) await quick.run()
}
watch(
  () => props.of,
  () => void look(),
  { immediate: true },
)

const byDay = computed(() => {
  const all = new Map<string, Schemas['InOneGo'][]>()
  for (const sitting of quick.result.value?.sittings ?? []) {
    const key = day(sitting.from)
    all.set(key, [...(all.get(key) ?? []), sitting])
  }
  return [...all.entries()]
})

/** What a quick plan of the order as it is now would make of the days that are kept. */
const otherwise = computed(() => {
  const was = kept.value
  const then = plain.value
  if (!was?.begins || !then?.begins) return undefined
  const begins = then.begins === was.begins ? 'begin when they do' : `begin ${readable(then.begins)} instead of ${readable(was.begins)}`
  const odds = was.odds && then.odds ? `, ready in time ${then.odds.inHundred} in 100 instead of ${was.odds.inHundred}` : ''
  return `Planned anew they would ${begins}${odds}. Nothing of them changes until you plan them.`
})
</script>

<template>
  <section aria-label="Its days" class="space-y-2">
    <p v-if="kept" class="border border-line bg-sheet p-2" data-planned>
      <RouterLink class="font-medium text-accent hover:underline" :to="`/orders/${id}/days`">Its days</RouterLink>
      <template v-if="kept.begins">
        are planned: begin {{ readable(kept.begins)
        }}<template v-if="kept.eveningMin > 0">, {{ (kept.eveningMin / 60).toFixed(1) }} h in evenings</template
        ><template v-if="kept.odds"
          >, ready in time <strong data-odds>{{ kept.odds.inHundred }}</strong> in 100</template
        >.</template
      >
      <template v-else-if="kept.limit"> have no plan: {{ kept.limit }}</template>
      <template v-else> are over: all of it is done.</template>
      <template v-if="changed.length"> ◆ Changed since: {{ changed.join(', ') }}.</template>
      <span v-if="otherwise" class="mt-1 block" data-otherwise>{{ otherwise }}</span>
      <span v-else-if="kept.begins && plain?.limit" class="mt-1 block" data-otherwise
        >■ Planned anew there is no plan. {{ plain.limit }}</span
      >
    </p>
    <ProblemNote v-if="quick.fault.value" :error="quick.fault.value" />
    <JobNote v-if="quick.busy.value && quick.job.value" :job="quick.job.value" @stop="quick.stop" />
    <div v-if="!kept && plain" class="border-t border-line pt-2" data-quick>
      <p v-if="plain.limit" role="alert" class="font-medium">■ {{ plain.limit }}</p>
      <template v-else-if="plain.begins">
        <p class="flex flex-wrap items-baseline gap-x-6 text-lead">
          <span
            >begin <strong data-begin>{{ readable(plain.begins) }}</strong></span
          >
          <span v-if="plain.odds"
            >ready in time <strong data-odds>{{ plain.odds.inHundred }}</strong> in 100</span
          >
          <span class="flex-1" />
          <RouterLink class="act" :to="`/orders/${id}/days`">Plan its days</RouterLink>
        </p>
        <p class="text-quiet">A quick plan, not kept: a search may find calmer days.</p>
        <div v-for="[name, sittings] in byDay" :key="name" class="mt-2 grid grid-cols-[150px_1fr] border-t border-line pt-1">
          <h3 class="text-lead italic">{{ name }}</h3>
          <ol>
            <li v-for="s in sittings" :key="s.uid" class="flex gap-4">
              <span class="w-24 shrink-0 text-right whitespace-nowrap tabular-nums">{{ time(s.from) }}–{{ time(s.to) }}</span>
              <span
                >{{ s.name }} <span class="text-note text-quiet italic">{{ s.species }}</span></span
              >
            </li>
          </ol>
        </div>
      </template>
    </div>
  </section>
</template>
