<script setup lang="ts">
import { computed, onMounted, onUnmounted, ref, watch } from 'vue'
import { RouterLink, useRoute } from 'vue-router'
import ProblemNote from '@/parts/ProblemNote.vue'
import { typing } from '@/parts/typing'
import { readable, time } from '../order/dates'
import drawerSchema from '@formats/drawer.schema.json'
import { publish } from '@/parts/fields/schema'
import BenchActs from './BenchActs.vue'
import CountPad from './CountPad.vue'
import MeasurePetal from './MeasurePetal.vue'
import MeasureSheet from './MeasureSheet.vue'
import TimerColumn from './TimerColumn.vue'
import TouchList from './TouchList.vue'
import { useBell } from './useBell'
import WriteDown from './WriteDown.vue'
import { useBench } from './useBench'
import { UNTOUCHED } from './underway'
import { useTaps } from './useTaps'

/** One task at a time, read at arm's length, counted with a knuckle. */
const props = defineProps<{ id: string }>()
const bench = useBench(props.id)
const { view, fault, works, sittings, timers, waiting, away, full, refused, told, own, touch, say } = bench
const taps = useTaps()
const looks = useTaps()
publish(drawerSchema)

const now = ref(bench.now())
const ticking = setInterval(() => (now.value = bench.now()), 250)
onUnmounted(() => clearInterval(ticking))
useBell(timers, now)

const work = (uid: string) => works.value.get(uid) ?? UNTOUCHED
/** What is worked on: what an address asks for, else the first that is not done. */
const asked = useRoute().query.work
const chosen = ref(typeof asked === 'string' ? asked : undefined)
const current = computed(
  () => sittings.value.find((s) => s.uid === chosen.value) ?? sittings.value.find((s) => work(s.uid).done === undefined),
)
const at = computed(() => sittings.value.findIndex((s) => s.uid === current.value?.uid))
const mine = computed(() => (current.value ? work(current.value.uid) : UNTOUCHED))
const thinned = computed(() => current.value?.card.acts.some((act) => act.operation === 'thin') ?? false)
const rolled = computed(() => current.value?.card.acts.some((act) => act.operation === 'roll') ?? false)
const doneOf = computed(() => sittings.value.filter((s) => work(s.uid).done !== undefined).length)
const picture = computed(() => {
  const card = current.value?.card
  return card?.part === undefined ? undefined : `/api/orders/${props.id}/bench/picture.svg?line=${card.line}&part=${card.part}`
})

function step(by: number) {
  const next = sittings.value[at.value + by]
  if (!next) return
  chosen.value = next.uid
  taps.turned()
}
/** Whether a tap on the task before one counts. */
const counts = (decides: boolean) => current.value !== undefined && taps.counts(current.value.uid, decides)

function begun() {
  if (current.value && mine.value.begun === undefined) touch(current.value.uid, 'begun')
}
const begin = () => counts(true) && begun()
function count(by: number) {
  const sitting = current.value
  if (!sitting || mine.value.done !== undefined || !counts(false)) return
  begun()
  if (by > 0 || mine.value.good > 0) touch(sitting.uid, 'good', by)
}
function broke() {
  if (!current.value || mine.value.done !== undefined || !counts(false)) return
  begun()
  touch(current.value.uid, 'broke', 1)
}
/** Done before the count is full is asked about. */
const asking = ref(false)
watch(
  () => current.value?.uid,
  () => (asking.value = false),
)
const short = computed(() => (current.value ? mine.value.good < current.value.pieces : false))
function done() {
  if (!current.value || !counts(true)) return
  if (mine.value.done !== undefined) touch(current.value.uid, 'undone')
  else if (short.value && !asking.value) asking.value = true
  else finish()
}
function finish() {
  if (!current.value) return
  begun()
  touch(current.value.uid, 'done')
  chosen.value = undefined
}
function looked(uid: string, what: Parameters<typeof touch>[1]) {
  if (looks.counts(uid, true)) touch(uid, what)
}
const nearest = computed(() => timers.value.find((t) => t.finds))
/** The pass of colour that is laid next, from 1; undefined where none of them is waited for. */
const nextPass = computed(() => {
  const passes = current.value?.card.passes ?? []
  const next = (mine.value.laid?.pass ?? 0) + 1
  return mine.value.done === undefined && next <= passes.length && passes.some((p) => p.waitMin > 0) ? next : undefined
})
function laid() {
  if (!current.value || nextPass.value === undefined || !counts(true)) return
  begun()
  touch(current.value.uid, 'laid', nextPass.value)
}

const KEYS: Record<string, () => void> = {
  ' ': () => count(1),
  Backspace: () => count(-1),
  b: broke,
  Enter: done,
  Escape: () => (asking.value = false),
  u: () => own.value.at(-1) && bench.takeBack(own.value.at(-1)!),
  f: begin,
  n: () => step(1),
  p: () => step(-1),
  y: () => nearest.value?.finds && looked(nearest.value.uid, nearest.value.finds.yes),
  t: () => nearest.value?.finds && looked(nearest.value.uid, nearest.value.finds.no),
  l: laid,
}
function pressed(event: KeyboardEvent) {
  const onControl = (event.target as HTMLElement).closest('button, a, summary') !== null
  if (typing(event) || event.ctrlKey || event.metaKey || event.altKey || (onControl && (event.key === ' ' || event.key === 'Enter'))) return
  const act = KEYS[event.key]
  if (!act) return
  event.preventDefault()
  act()
}
onMounted(() => window.addEventListener('keydown', pressed))
onUnmounted(() => window.removeEventListener('keydown', pressed))
</script>

<template>
  <div class="flex min-h-full flex-col">
    <p class="flex flex-wrap items-baseline gap-x-4 border-b border-line px-4 py-1">
      <span class="font-heading text-lead italic">{{ view?.name ?? 'The bench' }}</span>
      <span v-if="view" class="text-quiet">{{ doneOf }} of {{ sittings.length }} done · hand-over {{ readable(view.handOver) }}</span>
      <span class="flex-1" />
      <span role="status" data-kept>{{
        waiting.length === 0 ? '● kept' : away ? `◆ ${waiting.length} wait here for the server` : '◌ keeping'
      }}</span>
      <RouterLink
        v-if="current"
        class="act-quiet"
        :to="{
          path: '/troubleshooting',
          query: { species: view?.lines.find((l) => l.id === current?.card.line)?.speciesId, part: current.card.part },
        }"
        >Troubleshooting</RouterLink
      >
      <RouterLink class="act-quiet" to="/tablet">Tablet</RouterLink>
      <RouterLink class="act-quiet" :to="`/orders/${id}/days`">Days</RouterLink>
    </p>
    <ProblemNote v-if="(fault && !view) || told" :error="told ?? fault" class="m-4" />
    <p v-if="full" role="alert" class="border-b border-line bg-sheet px-4 py-1">
      ■ This browser holds no more: {{ waiting.length }} touches are in this window alone. Leave it open until they are kept.
    </p>
    <TouchList :own="own" :refused="refused" :sittings="sittings" @back="bench.takeBack" @forget="bench.forget" />
    <p v-if="!view && !fault" class="m-4 text-quiet">Laying out the bench …</p>
    <p v-else-if="view && !current" class="m-6 text-bench">● Everything is done. What is left dries by itself.</p>
    <div v-if="current" class="grid flex-1 grid-cols-1 md:grid-cols-[minmax(0,1fr)_250px]">
      <section class="flex min-w-0 flex-col px-4 py-3" aria-label="The task">
        <div class="flex items-start gap-3">
          <div class="min-w-0 flex-1">
            <h1 class="text-arm">{{ current.card.task }}</h1>
            <p class="text-bench text-quiet italic">
              {{ current.card.species }} · for {{ current.card.flowers }} {{ current.card.flowers === 1 ? 'flower' : 'flowers'
              }}<template v-if="current.of > 1">, {{ current.batch }} of {{ current.of }}</template>
            </p>
          </div>
          <button type="button" class="act min-h-14 min-w-14 text-bench" aria-label="Task before" :disabled="at <= 0" @click="step(-1)">
            ‹
          </button>
          <button
            type="button"
            class="act min-h-14 min-w-14 text-bench"
            aria-label="Task after"
            :disabled="at >= sittings.length - 1"
            @click="step(1)"
          >
            ›
          </button>
        </div>
        <p v-if="current.card.why" class="mt-1 text-bench italic" data-why>{{ current.card.why }}</p>
        <p v-if="current.from" class="mt-1 text-lead text-quiet">planned {{ readable(current.from) }} to {{ time(current.to!) }}</p>
        <div class="mt-2 flex flex-wrap gap-4">
          <img
            v-if="picture"
            :key="picture"
            :src="picture"
            alt="The flower from above, this ring brought out and numbered in order"
            class="size-56 shrink-0 border border-line bg-sheet"
          />
          <BenchActs v-if="!current.card.passes.length" :key="current.uid" :acts="current.card.acts" class="min-w-0 flex-1" />
          <dl
            v-if="current.card.passes.length"
            class="grid min-w-0 flex-1 grid-cols-[auto_minmax(0,1fr)] content-start gap-x-3 gap-y-1 text-bench leading-snug"
          >
            <template v-for="(pass, i) in current.card.passes" :key="i">
              <dt class="text-lead text-quiet">{{ pass.how }}</dt>
              <dd>
                <span
                  v-if="pass.swatch"
                  class="mr-2 inline-block size-6 border border-line align-[-5px]"
                  :style="{ background: pass.swatch }"
                />{{ pass.what }}
                <span class="text-lead text-quiet"
                  >{{ $told(pass.where) }}<template v-if="pass.waitMin > 0"> · then wait {{ pass.waitMin.toFixed(0) }} min</template></span
                >
                <span v-if="mine.laid && i < mine.laid.pass" class="ml-2 text-lead">● on</span>
                <button v-else-if="nextPass === i + 1" type="button" class="act ml-2 min-h-11" data-laid @click="laid">it is on</button>
              </dd>
            </template>
          </dl>
        </div>
        <MeasureSheet v-if="rolled" class="mt-3" @say="say(current.uid, $event)" />
        <MeasurePetal v-if="thinned" :order="id" :card="current.card" class="mt-3" @say="say(current.uid, $event)" />
        <WriteDown :order="id" class="mt-3" @say="say(current.uid, $event)" />
      </section>
      <aside class="border-l border-line px-3 py-3"><TimerColumn :timers="timers" :now="now" @looked="looked" /></aside>
    </div>
    <CountPad
      v-if="current"
      :sitting="current"
      :mine="mine"
      :asking="asking"
      @count="count"
      @broke="broke"
      @begin="begin"
      @done="done"
      @finish="finish"
      @not-yet="asking = false"
    />
  </div>
</template>
