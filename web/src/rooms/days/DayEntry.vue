<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '@/api/client'
import { day as dayName, time as clock, weekday } from '../order/dates'
import { type Day, driesAfter, halvesOf, hoursOn, matches, minuteOf, named, shadesOf, type Sitting } from './daysOf'
import SpeciesFace from '@/parts/SpeciesFace.vue'
import DayStrip from './DayStrip.vue'

/** One day: its strip of hours, and its work in words where it is open. */
const props = defineProps<{
  day: Day
  open: boolean
  sought: string
  near: boolean
  chosen?: string
  planned: Schemas['Planned']
  elsewhere: { from: number; to: number; order: string; maker: number }[]
}>()
const emit = defineEmits<{ fold: []; near: []; choose: [uid: string] }>()
const title = computed(() => dayName(`${props.day.date}T12:00`))
/** What becomes of the plan where nothing is done on this day. */
const lost = computed(() => props.planned.calendar.odds?.lost.find((l) => l.day === props.day.date))
const found = (sitting: Sitting) => sitting.tasks.some((s) => matches(s, props.sought))
const halves = computed(() => halvesOf(props.day, props.planned.time).map((half) => ({ ...half, sittings: half.sittings.filter(found) })))
const hours = (min: number) => `${(min / 60).toFixed(1)} h`
/** How long it takes; where it has pauses, how much of that is work. */
function minutes(sitting: Sitting): string {
  const whole = minuteOf(props.day.date, sitting.to) - minuteOf(props.day.date, sitting.from)
  return whole - sitting.workMin >= PAUSES_MIN ? `${whole} min, ${sitting.workMin} of work` : `${whole} min`
}
/** What dries after it, and until when that has time. */
function dries(sitting: Sitting): string {
  const waits = driesAfter(sitting)
  if (!waits) return ''
  const at = (moment: string) => (moment.slice(0, 10) === props.day.date ? clock(moment) : `${weekday(moment)} ${clock(moment)}`)
  return `dry ${at(waits.enough)}, needed ${at(waits.until)}${waits.closes ? `, bends until ${at(waits.closes)}` : ''}`
}
const PAUSES_MIN = 10
const pinned = (sitting: Sitting) => props.planned.pins.some((p) => sitting.uids.includes(p.uid))
const inIt = (sitting: Sitting) => !!props.chosen && sitting.uids.includes(props.chosen)
</script>

<template>
  <li class="break-inside-avoid border-t border-line py-2" :data-day="day.date">
    <div class="flex items-baseline gap-3">
      <h2 class="w-48 shrink-0 text-lead">
        <button type="button" class="text-left hover:underline" :aria-expanded="open" :disabled="!!sought" @click="emit('fold')">
          <span aria-hidden="true" class="mr-1 inline-block w-3 text-note text-quiet">{{ open ? '▾' : '▸' }}</span>{{ title }}
        </button>
      </h2>
      <p class="flex-1 text-quiet">
        {{ day.minutes ? `${(day.minutes / 60).toFixed(1)} h` : day.drying.length ? 'nothing but drying' : 'nothing'
        }}<template v-if="!open && day.tasks.length"
          >, {{ day.sittings.length }} {{ day.sittings.length === 1 ? 'sitting' : 'sittings' }}</template
        >
      </p>
      <p v-if="lost" class="text-note text-quiet print:hidden" data-lost>if this day is lost: {{ lost.inHundred }} in 100</p>
      <button
        v-if="day.tasks.length"
        type="button"
        class="act-quiet !py-0 print:hidden"
        :aria-pressed="near"
        :aria-label="`${title}: ${near ? 'the whole day' : 'close up'}`"
        @click="emit('near')"
      >
        {{ near ? 'the whole day' : 'close up' }}
      </button>
    </div>
    <DayStrip
      v-if="day.tasks.length || (day.drying.length && open)"
      :day="day"
      :chosen="chosen"
      :sought="sought"
      :near="near"
      :folded="!open"
      :hours="hoursOn(planned.time, day.date)"
      :elsewhere="elsewhere"
      :makers="planned.time.makers"
      class="mt-1"
      @choose="emit('choose', $event.uid)"
    />
    <div v-if="open && day.sittings.length" class="mt-1 grid grid-cols-1 gap-x-6 md:grid-cols-2">
      <section v-for="half in halves" :key="half.name" :aria-label="`${title}, ${half.name}`">
        <p class="flex gap-2 text-note text-quiet" aria-hidden="true">
          <span class="flex-1">{{ half.name }}</span>
          <span v-if="half.thereMin">{{
            half.takenMin ? `${hours(half.takenMin)} of ${hours(half.thereMin)}` : `free, ${hours(half.thereMin)}`
          }}</span>
        </p>
        <ul>
          <li v-for="s in half.sittings" :key="s.uid" class="border-t border-line" data-sitting>
            <button
              type="button"
              class="flex min-h-12 w-full items-center gap-3 py-1 text-left hover:bg-sheet"
              :class="{ 'bg-sheet': inIt(s), 'text-quiet': s.done }"
              :aria-pressed="inIt(s)"
              @click="emit('choose', s.uid)"
            >
              <span class="w-24 shrink-0 whitespace-nowrap tabular-nums">{{ clock(s.from) }}–{{ clock(s.to) }}</span>
              <span class="flex shrink-0"
                ><SpeciesFace class="size-9" :name="s.species" /><span
                  class="flex w-1.5 flex-col self-stretch"
                  aria-hidden="true"
                  data-shades
                  ><span v-for="shade in shadesOf(s)" :key="shade" class="flex-1" :style="{ background: shade }" /></span
              ></span>
              <span class="min-w-0 flex-1"
                ><span class="font-medium">{{ s.name }}</span>
                <span class="block text-note text-quiet italic"
                  >{{ s.species }}{{ s.done ? ', done' : '' }}{{ s.evening ? ', in the evening' : ''
                  }}{{ pinned(s) ? ', pinned' : '' }}</span
                ><span v-if="dries(s)" class="block text-note text-quiet" data-dries
                  ><span aria-hidden="true" class="mr-2 inline-block h-[3px] w-5 bg-quiet align-middle" />{{ dries(s) }}</span
                ></span
              >
              <span class="w-16 shrink-0 text-right text-note text-quiet tabular-nums">{{ minutes(s) }}</span>
            </button>
            <ol v-if="inIt(s) && s.tasks.length > 1" class="mb-1 ml-24 pl-2" :aria-label="`One after the other: ${s.name}`">
              <li v-for="task in s.tasks" :key="task.uid">
                <button
                  type="button"
                  class="flex w-full gap-2 text-left text-note hover:underline"
                  :class="{ 'font-medium': task.uid === chosen }"
                  :aria-pressed="task.uid === chosen"
                  @click="emit('choose', task.uid)"
                >
                  <span class="w-11 shrink-0 text-quiet tabular-nums">{{ clock(task.from) }}</span>
                  <span>{{ named(task) }}</span>
                </button>
              </li>
            </ol>
          </li>
        </ul>
      </section>
    </div>
  </li>
</template>
