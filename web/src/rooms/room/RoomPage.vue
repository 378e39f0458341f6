<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, watch } from 'vue'
import { answered, api, type Schemas } from '@/api/client'
import published from '@formats/ahead.schema.json'
import ChoiceField from '@/parts/fields/ChoiceField.vue'
import { choicesOf, field, publish } from '@/parts/fields/schema'
import { withAt } from '@/parts/fields/pointer'
import SchemaList from '@/parts/fields/SchemaList.vue'
import SchemaNumber from '@/parts/fields/SchemaNumber.vue'
import TextField from '@/parts/fields/TextField.vue'
import ProblemNote from '@/parts/ProblemNote.vue'
import RoomReading from '@/parts/RoomReading.vue'
import { useAhead } from '@/parts/useAhead'
import { useRoom } from '@/parts/useRoom'
import { localMinute, readable } from '../order/dates'
import RoomChart from './RoomChart.vue'

/** The air of the coming days: by what it is known, what is announced, and how fast things dry in it. */
publish(published)
const store = useAhead()
const room = useRoom()
const queries = useQueryClient()
store.load().catch(() => undefined)
const hours = useQuery({ queryKey: ['room-hours'], queryFn: () => answered(api.GET('/api/room/hours', { params: { query: {} } })) })
watch([() => store.state, () => room.state], ([ahead, set]) => {
  if (ahead === 'kept' && set === 'kept') void queries.invalidateQueries({ queryKey: ['room-hours'] })
})

type Ahead = Schemas['RoomAhead']
const set = (changed: Partial<Ahead>) => store.ahead && store.set({ ...store.ahead, ...changed })
const setSpell = (at: number, changed: Partial<Schemas['Spell']>) =>
  set({ spells: store.ahead!.spells.map((s, i) => (i === at ? { ...s, ...changed } : s)) })

const listed = (path: string, value: unknown) => store.ahead && store.set(withAt(store.ahead, path, value))

/** Something for the whole of tomorrow. */
function announce() {
  const midnight = (inDays: number) => {
    const day = new Date()
    day.setDate(day.getDate() + inDays)
    day.setHours(0, 0, 0, 0)
    return localMinute(day)
  }
  set({
    spells: [
      ...store.ahead!.spells,
      {
        what: 'wet weather',
        from: midnight(1),
        to: midnight(2),
        warmerC: field('Spell', 'warmerC').default!,
        damperPct: field('Spell', 'damperPct').default!,
      },
    ],
  })
}

const ahead = computed(() => hours.data.value?.hours.filter((h) => h.at >= hours.data.value!.now) ?? [])
const slowest = computed(() =>
  ahead.value.reduce<Schemas['RoomHour'] | undefined>((least, h) => (!least || h.dries < least.dries ? h : least), undefined),
)
</script>

<template>
  <div class="mx-auto grid max-w-7xl grid-cols-1 gap-6 px-5 py-4 lg:grid-cols-[300px_minmax(0,1fr)]">
    <section aria-label="How it is known">
      <h1 class="border-b border-line pb-2 text-title">Room ahead</h1>
      <RoomReading class="!px-0" />
      <template v-if="store.ahead">
        <ChoiceField
          class="mt-3"
          label="the coming days go by"
          :choices="choicesOf(field('RoomAhead', 'source'))"
          :value="store.ahead.source"
          @change="set({ source: $event as Ahead['source'] })"
        />
        <SchemaList
          v-if="store.ahead.source === 'pattern'"
          class="mt-3"
          :node="field('RoomAhead', 'day')"
          :value="store.ahead.day as unknown as Record<string, unknown>[]"
          path="/day"
          @change="listed"
        />
        <p v-if="store.ahead.source === 'sensor'" class="mt-2 text-note text-quiet">
          Read every ten minutes and kept for sixty days. No sensor is connected: a simulated one stands in for it, with day and night,
          weather, noise, and hours in which it is silent.
        </p>
        <h2 class="heading-small mt-4 border-b border-line">announced</h2>
        <fieldset v-for="(spell, i) in store.ahead.spells" :key="i" class="mt-2 border-b border-line pb-2" :aria-label="spell.what">
          <TextField label="what" :value="spell.what" :longest="60" @change="setSpell(i, { what: $event })" />
          <TextField
            label="from"
            type="datetime-local"
            :value="spell.from.slice(0, 16)"
            @change="$event && setSpell(i, { from: `${$event}:00` })"
          />
          <TextField
            label="to"
            type="datetime-local"
            :value="spell.to.slice(0, 16)"
            @change="$event && setSpell(i, { to: `${$event}:00` })"
          />
          <div class="mt-1 grid grid-cols-2 gap-2">
            <SchemaNumber :node="field('Spell', 'warmerC')" :value="spell.warmerC" @change="setSpell(i, { warmerC: $event })" />
            <SchemaNumber :node="field('Spell', 'damperPct')" :value="spell.damperPct" @change="setSpell(i, { damperPct: $event })" />
          </div>
          <button
            type="button"
            class="act-quiet !px-0"
            :aria-label="`Remove ${spell.what}`"
            @click="set({ spells: store.ahead!.spells.filter((_, k) => k !== i) })"
          >
            remove
          </button>
        </fieldset>
        <p class="mt-2 flex gap-2">
          <button type="button" class="act" @click="announce">Announce other weather</button>
          <button v-if="store.canUndo" type="button" class="act-quiet" @click="store.undo()">Undo</button>
        </p>
        <p v-if="store.fault" role="alert" class="mt-2">■ {{ store.fault }}</p>
      </template>
    </section>
    <section aria-label="The coming days" class="min-w-0">
      <ProblemNote v-if="hours.error.value" :error="hours.error.value as Error" />
      <RoomChart v-if="hours.data.value" :hours="hours.data.value.hours" :now="hours.data.value.now" />
      <p v-if="slowest" class="mt-3 max-w-prose" role="status">
        Slowest:
        {{
          slowest.dries > 0
            ? `${Math.round(100 * slowest.dries)} % of how fast gum paste dries in the room as it is set`
            : 'gum paste does not dry at all'
        }}, {{ readable(slowest.at) }}. Days are planned by this air, hour by hour; the plate shows a part’s drying by it.
      </p>
    </section>
  </div>
</template>
