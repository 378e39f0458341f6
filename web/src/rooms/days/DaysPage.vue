<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, nextTick, ref, shallowRef } from 'vue'
import { RouterLink } from 'vue-router'
import { answered, api, type Schemas } from '@/api/client'
import { ifMatch } from '@/kept/etags'
import { useJob } from '@/kept/useJob'
import JobNote from '@/parts/JobNote.vue'
import ProblemNote from '@/parts/ProblemNote.vue'
import { useTime } from '@/parts/useTime'
import { readable } from '../order/dates'
import DayEntry from './DayEntry.vue'
import HalfDaysRow from './HalfDaysRow.vue'
import { type Day, daysOf, matches, minuteOf, movedBetween, takeable } from './daysOf'
import StripLegend from './StripLegend.vue'
import TaskPanel from './TaskPanel.vue'
import TimeDialog from './TimeDialog.vue'
import WhatBetters from './WhatBetters.vue'

/** What is done on which day for one order, so that every part is dry when it is needed and none too dry to bend. */
const props = defineProps<{ id: string }>()
const path = { params: { path: { id: props.id } } }
const time = useTime()
const order = useQuery({ queryKey: ['order', props.id], queryFn: () => answered(api.GET('/api/orders/{id}', path)) })
const days = useQuery({ queryKey: ['days', props.id], queryFn: () => answered(api.GET('/api/orders/{id}/days', path)) })
const orders = useQuery({ queryKey: ['orders'], queryFn: () => answered(api.GET('/api/orders')) })
const pins = ref<Schemas['Pin'][]>([])
const together = ref<string[]>([])
const work = useJob<Schemas['DaysView']>(
  () => answered(api.POST('/api/orders/{id}/days', { ...path, body: { pins: pins.value, together: together.value } })),
  true,
)
const timeOpen = ref(false)
const chosen = ref<string>()

const planned = computed(() => days.data.value?.planned)

/** What is looked for among the work; days without any of it are folded. */
const sought = ref('')
const found = (s: Schemas['PlacedTask']) => matches(s, sought.value)
const foundCount = computed(() => calendar.value?.tasks.filter(found).length ?? 0)
/** Days that were folded or opened by hand; the others are open, unless there are so many that only the first with work is. */
const byHand = ref(new Map<string, boolean>())
const SHOWN_OPEN = 10
const opened = (d: Day) =>
  sought.value
    ? d.tasks.some(found)
    : (byHand.value.get(d.date) ??
      (all.value.length <= SHOWN_OPEN || d.date === all.value.find((one) => one.tasks.some((s) => !s.done))?.date))
const fold = (d: Day) => (byHand.value = new Map(byHand.value).set(d.date, !opened(d)))
const foldAll = (open: boolean) => (byHand.value = new Map(all.value.map((d) => [d.date, open])))
/** Opens a day and brings it to where it is seen. */
async function show(date: string) {
  byHand.value = new Map(byHand.value).set(date, true)
  await nextTick()
  document.querySelector(`[data-day="${date}"]`)?.scrollIntoView({ block: 'start' })
}
/** The day that is looked at close up, from its first hour of work to its last. */
const near = ref<string>()
const calendar = computed(() => planned.value?.calendar)
const all = computed(() =>
  planned.value ? daysOf(planned.value.calendar.tasks, days.data.value?.sittings ?? [], planned.value.order.handOver) : [],
)
const task = computed(() => calendar.value?.tasks.find((s) => s.uid === chosen.value))

/** Others that are still to be delivered and have flowers: those that may be planned at once with this one. */
const others = computed(() => (orders.data.value ?? []).filter((o) => o.id !== props.id && !o.delivered && o.order.lines.length > 0))
const choose = (id: string) =>
  (together.value = together.value.includes(id) ? together.value.filter((o) => o !== id) : [...together.value, id])
const elsewhereOn = (date: string) =>
  (days.data.value?.elsewhere ?? [])
    .filter((e) => e.from.slice(0, 10) === date)
    .map((e) => ({ from: minuteOf(date, e.from), to: minuteOf(date, e.to), order: e.order, maker: e.maker }))
/** What became otherwise when it was planned anew, and the plan before, to go back to. */
const before = shallowRef<Schemas['Planned']>()
/** What had changed since the plan before. */
const reasons = ref<string[]>([])
const moved = computed(() => {
  const told = before.value && planned.value ? movedBetween(before.value.calendar, planned.value.calendar) : undefined
  return told && reasons.value.length ? `Planned anew for ${reasons.value.join(', ')}: ${told}` : told
})

async function plan(kept = planned.value?.pins ?? []) {
  const was = planned.value
  const why = days.data.value?.changed ?? []
  pins.value = kept
  await work.run()
  await days.refetch()
  before.value = was
  reasons.value = why
}

/** Whether the plan was made for other hours than these is told at once. */
async function closeTime() {
  timeOpen.value = false
  await time.atRest().catch(() => undefined)
  await days.refetch()
}

const fault = ref<unknown>()
async function take(help: Schemas['Help']) {
  fault.value = undefined
  try {
    if (help.time) time.set(help.time)
    await time.atRest()
    if (help.handOver || help.spareTimeH !== undefined) {
      const kept = await answered(api.GET('/api/orders/{id}', path))
      const changed = {
        ...kept.order,
        handOver: help.handOver ?? kept.order.handOver,
        spareTimeH: help.spareTimeH ?? kept.order.spareTimeH,
      }
      await answered(api.PUT('/api/orders/{id}', { params: { ...path.params, header: ifMatch(kept.version) }, body: changed }))
      await order.refetch()
    }
    await plan()
  } catch (e) {
    fault.value = e
  }
}
</script>

<template>
  <div class="mx-auto grid max-w-7xl grid-cols-1 gap-6 px-5 py-4 lg:grid-cols-[minmax(0,1fr)_270px] print:block">
    <section aria-label="The days" class="min-w-0">
      <div class="flex flex-wrap items-baseline gap-x-4 gap-y-1 border-b border-line pb-2">
        <h1 class="text-title">{{ order.data.value?.order.name ?? 'Days' }}</h1>
        <p v-if="order.data.value" class="flex-1 text-quiet">hand-over {{ readable(order.data.value.order.handOver) }}</p>
        <RouterLink class="act-quiet print:hidden" to="/room">The room ahead …</RouterLink>
        <button type="button" class="act print:hidden" :disabled="work.busy.value" data-plan @click="plan()">
          {{ planned ? 'Plan it anew' : 'Plan the days' }}
        </button>
      </div>
      <ProblemNote
        v-if="days.error.value ?? work.fault.value ?? fault"
        :error="(days.error.value ?? work.fault.value ?? fault) as Error"
        class="mt-2"
      />
      <JobNote v-if="work.job.value && work.busy.value" :job="work.job.value" class="mt-2" @stop="work.stop" />
      <p
        v-for="overlap in days.data.value?.overlaps ?? []"
        :key="overlap"
        role="status"
        class="mt-2 border border-line bg-sheet p-2"
        data-overlap
      >
        ◆ {{ overlap }}
      </p>
      <p v-if="days.data.value?.changed.length" role="status" class="mt-2 border border-line bg-sheet p-2" data-changed>
        ◆ Made for what was then; changed since: {{ days.data.value.changed.join(', ') }}. Plan it anew to take that in.
      </p>
      <div v-if="calendar?.limit" role="alert" class="mt-3 border border-ink bg-sheet p-3" data-limit>
        <p class="font-medium">■ There is no plan. {{ calendar.limit }}</p>
        <p v-if="calendar.helps.length" class="mt-2">What would help, one at a time:</p>
        <p class="mt-1 flex flex-wrap gap-2">
          <template v-for="help in calendar.helps" :key="help.label">
            <button v-if="takeable(help)" type="button" class="act" @click="take(help)">{{ help.label }}</button>
            <span v-else class="self-center">{{ help.label }}</span>
          </template>
        </p>
      </div>
      <p v-else-if="!planned && days.isSuccess.value" class="mt-6 max-w-prose text-quiet">
        Nothing is planned yet. <em>Plan the days</em> puts like work together, in few half-days of the studio’s hours: no sooner than what
        it waits for is dry, no later than what it joins still bends, and ready a day early where there is time for it.
      </p>
      <p v-if="moved" role="status" class="mt-2 flex items-baseline gap-3 border border-line bg-sheet p-2" data-moved>
        <span class="flex-1">{{ moved }}</span>
        <button v-if="before" type="button" class="act-quiet" :disabled="work.busy.value" @click="plan(before.pins)">As it was</button>
      </p>
      <p v-if="calendar?.begins" class="mt-2 flex flex-wrap gap-x-6 text-lead" data-summary>
        <span
          >begin <strong>{{ readable(calendar.begins) }}</strong></span
        >
        <span
          ><strong>{{ (calendar.labourMin / 60).toFixed(1) }}</strong> h working time</span
        >
        <span v-if="calendar.eveningMin > 0"
          ><strong>{{ (calendar.eveningMin / 60).toFixed(1) }}</strong> h of it in evenings</span
        >
        <span v-if="planned?.together.length" class="text-quiet">planned at once with {{ planned.together.join(', ') }};</span>
        <span v-if="calendar.odds" data-odds
          >ready in time <strong>{{ calendar.odds.inHundred }}</strong> in 100</span
        >
        <span v-if="calendar.freeHalfDays" class="text-quiet">ready {{ calendar.freeHalfDays }} half-days of work before it has to be</span>
      </p>
      <p v-if="calendar?.odds?.tightest" class="mt-1 text-quiet">Where it is late, behind first: {{ calendar.odds.tightest }}.</p>
      <WhatBetters v-if="calendar?.odds && calendar.odds.inHundred < 100" :id="id" :busy="work.busy.value" @take="take" />
      <p v-if="all.length" class="mt-3 flex flex-wrap items-center gap-x-3 gap-y-1 print:hidden">
        <label class="flex items-center gap-2 text-quiet"
          >find work <input v-model="sought" type="search" class="field h-8 w-52 text-ink" placeholder="petals, dust, camellia" data-find
        /></label>
        <span v-if="sought" role="status">{{ foundCount }} of {{ calendar?.tasks.length }}</span>
        <span class="flex-1" />
        <button type="button" class="act-quiet" @click="foldAll(false)">Fold all days</button>
        <button type="button" class="act-quiet" @click="foldAll(true)">Open all days</button>
      </p>
      <HalfDaysRow v-if="all.length > 1" :days="all" :time="planned!.time" :hand-over="planned!.order.handOver" @choose="show" />
      <ol v-if="all.length" class="mt-3">
        <DayEntry
          v-for="d in all"
          :key="d.date"
          :day="d"
          :open="opened(d)"
          :sought="sought"
          :near="near === d.date"
          :chosen="chosen"
          :planned="planned!"
          :elsewhere="elsewhereOn(d.date)"
          @fold="fold(d)"
          @near="near = near === d.date ? undefined : d.date"
          @choose="chosen = $event"
        />
      </ol>
    </section>
    <aside class="space-y-4 print:hidden">
      <div aria-live="polite">
        <TaskPanel v-if="task" :id="id" :task="task" :planned="planned!" :busy="work.busy.value" @pin="plan" />
        <p v-else class="text-quiet">Choose a piece of work to see why it stands where it does.</p>
      </div>
      <fieldset v-if="others.length" class="border-t border-line pt-2" data-together>
        <legend class="sr-only">Plan at once with</legend>
        <p class="text-quiet" aria-hidden="true">Plan at once with</p>
        <label v-for="o in others" :key="o.id" class="flex items-start gap-2 py-0.5">
          <input type="checkbox" class="mt-0.5 size-4" :checked="together.includes(o.id)" @change="choose(o.id)" />
          <span
            >{{ o.order.name }} <span class="block text-note text-quiet">{{ readable(o.order.handOver) }}</span></span
          >
        </label>
      </fieldset>
      <p class="flex flex-col items-start gap-1 border-t border-line pt-2">
        <button type="button" class="act-quiet !px-0" @click="timeOpen = true">The studio’s time …</button>
        <a v-if="calendar?.tasks.length" class="act-quiet !px-0" :href="`/api/orders/${id}/days/days.pdf`" target="_blank"
          >On paper (PDF)</a
        >
        <a v-if="calendar?.tasks.length" class="act-quiet !px-0" :href="`/api/orders/${id}/days/days.ics`" download="days.ics"
          >Export as a calendar (.ics)</a
        >
        <a v-if="calendar?.tasks.length" class="act-quiet !px-0" :href="`/api/orders/${id}/days/days.csv`" download="days.csv"
          >Export as CSV</a
        >
        <RouterLink class="act-quiet !px-0" :to="`/orders/${id}/bench`">To the bench</RouterLink>
        <RouterLink class="act-quiet !px-0" :to="`/orders/${id}`">The order</RouterLink>
      </p>
      <StripLegend />
    </aside>
    <TimeDialog :open="timeOpen" @close="closeTime" />
  </div>
</template>
