<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { RouterLink } from 'vue-router'
import { answered, api, type Reckoning, type Schemas } from '@/api/client'
import RoomReading from '@/parts/RoomReading.vue'
import { useAhead } from '@/parts/useAhead'
import { inRoom } from '../room/course'

/** Every part's drying on one time line, from the start to finished, in the room as it will be if work begins now. */
const props = defineProps<{ reckoning: Reckoning; lit: string | null; medium: string }>()
const ahead = useAhead()
ahead.load().catch(() => undefined)
const changes = computed(() => ahead.ahead !== undefined && (ahead.ahead.source !== 'steady' || ahead.ahead.spells.length > 0))
const coming = useQuery({
  queryKey: computed(() => ['room-hours', props.medium]),
  enabled: changes,
  queryFn: () => answered(api.GET('/api/room/hours', { params: { query: { medium: props.medium } } })),
})
/** How fast it dries in each coming hour, over how fast in the room as it is set; nothing where that stays. */
const rates = computed(() => {
  const told = coming.data.value
  return changes.value && told ? told.hours.filter((h) => h.at >= told.now).map((h) => h.dries) : []
})
const selected = defineModel<string | null>('selected', { required: true })
const emit = defineEmits<{ point: [id: string | null] }>()

const ready = computed(() => props.reckoning.plan.readyH)
const span = computed(() => {
  const ends = props.reckoning.plan.tasks.map((t) => t.endH ?? 0)
  return Math.max(ready.value ?? Math.max(...ends, 24), ...rows.value.map((r) => r.dry ?? 0)) * 1.02
})
const at = (hour: number) => `${(100 * Math.min(hour, span.value)) / span.value}%`

function stage(course: Schemas['DryingCourse'], name: Schemas['Stage']) {
  return course.stages.find((s) => s.stage === name)
}

const rows = computed(() =>
  props.reckoning.parts
    .filter((p) => p.course)
    .map((p) => {
      const course = p.course!
      const from = p.madeH ?? 0
      const join = p.joinedH
      const dry = stage(course, 'dry')
      const after = (wait: number) => from + inRoom(rates.value, from, wait)
      return {
        id: p.id,
        name: p.name,
        from,
        never: course.never,
        window: course.window && { from: after(course.window.opensH), to: after(course.window.closesH) },
        firm: after(stage(course, 'firm')?.safeByH ?? 0),
        hasFirm: stage(course, 'firm') !== undefined,
        dry: dry && after(dry.safeByH),
        join,
      }
    }),
)

/** The strip grows with its rows, so that a flower of many parts is seen whole. */
const stripPx = computed(() => Math.max(168, 52 + ROW_PX * rows.value.length))
const ROW_PX = 12

const hours = computed(() => {
  const step = [1, 2, 3, 6, 12, 24, 48, 96, 192].find((s) => span.value / s <= 14) ?? 400
  return Array.from({ length: Math.floor(span.value / step) + 1 }, (_, i) => i * step)
})
</script>

<template>
  <section aria-label="Drying strip" class="grid shrink-0 grid-cols-[236px_1fr] border-t border-line" :style="{ height: `${stripPx}px` }">
    <RoomReading class="border-r border-line">
      <RouterLink class="text-quiet hover:text-accent" to="/room" title="The room ahead: what is expected of the coming days"
        >the room now …</RouterLink
      >
    </RoomReading>
    <div class="flex min-h-0 flex-col px-3 pt-1">
      <p class="flex items-baseline gap-5 text-note whitespace-nowrap text-quiet">
        <span class="font-heading text-lead whitespace-nowrap italic max-[1100px]:hidden">{{
          rates.length ? 'drying in the room ahead, begun now' : 'drying, working straight through'
        }}</span>
        <span><span class="mr-1 inline-block h-2.5 w-4 border border-ink bg-ground align-baseline" />soft</span>
        <span><span class="hatched mr-1 inline-block h-2.5 w-4 border border-ink align-baseline" />bends</span>
        <span><span class="mr-1 inline-block h-2.5 w-4 bg-quiet align-baseline" />sets</span>
        <span>▸ safe by</span><span>│ joined</span>
        <span class="flex-1 text-right text-ink">{{
          ready == null ? '■ never done in this room' : `done at ${ready.toFixed(1)} h${rates.length ? ' in the room as set' : ''}`
        }}</span>
      </p>
      <div class="min-h-0 flex-1 overflow-y-auto">
        <button
          v-for="row in rows"
          :key="row.id"
          type="button"
          class="grid h-[12px] w-full text-left grid-cols-[112px_1fr] items-center"
          :data-drying="row.id"
          @pointerenter="emit('point', row.id)"
          @pointerleave="emit('point', null)"
          @click="selected = row.id"
        >
          <span class="truncate text-note leading-none" :class="{ 'font-semibold text-accent': row.id === selected || row.id === lit }">{{
            row.name
          }}</span>
          <span class="relative h-full border-l border-line">
            <span
              v-if="row.never && row.dry === undefined"
              class="absolute inset-y-[2px] border border-ink bg-ground"
              :style="{ left: at(row.from), right: '0' }"
            />
            <template v-else>
              <span
                class="absolute inset-y-[2px] border border-ink bg-ground"
                :style="{ left: at(row.from), width: at(row.firm - row.from) }"
              />
              <span
                class="absolute inset-y-[2px] bg-quiet"
                :style="{ left: at(row.firm), width: at(Math.max(0, (row.dry ?? span) - row.firm)) }"
              />
              <span class="absolute top-[-1px] text-note leading-[13px]" :style="{ left: at(row.dry ?? span) }">▸</span>
            </template>
            <span
              v-if="row.window"
              class="hatched absolute inset-y-[2px] min-w-[3px] border-x border-ink"
              :style="{ left: at(row.window.from), width: at(row.window.to - row.window.from) }"
            />
            <span v-if="row.join != null" class="absolute inset-y-0 w-[2px] bg-accent" :style="{ left: at(row.join) }" />
            <span v-if="row.never" class="absolute right-1 bg-sheet px-1 text-note leading-[13px]">never {{ row.never }}</span>
          </span>
        </button>
      </div>
      <div class="relative ml-[112px] h-5 border-t border-line text-note text-quiet" aria-hidden="true">
        <span
          v-for="hour in hours"
          :key="hour"
          class="absolute -translate-x-1/2 border-l border-line pl-0.5 whitespace-nowrap"
          :style="{ left: at(hour) }"
          >{{ hour }} h</span
        >
      </div>
    </div>
  </section>
</template>

<style scoped>
.hatched {
  background: repeating-linear-gradient(135deg, var(--color-sheet) 0 2px, var(--color-ink) 2px 3px);
}
</style>
