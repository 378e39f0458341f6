<script setup lang="ts">
import { Dialog, DialogPanel, DialogTitle } from '@headlessui/vue'
import { ref } from 'vue'
import { answered, api, type Schemas } from '@/api/client'
import published from '@formats/time.schema.json'
import { field, publish } from '@/parts/fields/schema'
import { withAt } from '@/parts/fields/pointer'
import SchemaList from '@/parts/fields/SchemaList.vue'
import SchemaNumber from '@/parts/fields/SchemaNumber.vue'
import TextField from '@/parts/fields/TextField.vue'
import ProblemNote from '@/parts/ProblemNote.vue'
import { useTime } from '@/parts/useTime'
import SecondMaker from './SecondMaker.vue'
import WeekHours from './WeekHours.vue'

/** When the studio works: its week, its days off, its hands, its evenings, and what else keeps it busy. */
publish(published)
defineProps<{ open: boolean }>()
const emit = defineEmits<{ close: [] }>()
const store = useTime()
const fault = ref<unknown>()
/** What came of the calendar that was taken in last. */
const came = ref<Schemas['BusyTaken']>()

type Time = Schemas['StudioTime']
const set = (changed: Partial<Time>) => store.time && store.set({ ...store.time, ...changed })
const NAP: Schemas['QuietHours'] = { from: '13:00:00', to: '14:00:00' }
const NOON: Schemas['Noon'] = { from: '12:15:00', to: '13:00:00' }
const typed = (event: Event) => (event.target as HTMLInputElement).value

const listed = (path: string, value: unknown) => store.time && store.set(withAt(store.time, path, value))

async function takeIn(event: Event) {
  const file = (event.target as HTMLInputElement).files?.[0]
  if (!file) return
  fault.value = undefined
  try {
    came.value = await answered(
      api.PUT('/api/time/busy', {
        body: (await file.text()) as never,
        headers: { 'Content-Type': 'text/calendar' },
        bodySerializer: (body) => body as string,
      }),
    )
    await store.load()
  } catch (e) {
    fault.value = e
  }
}
</script>

<template>
  <Dialog :open="open" class="fixed inset-0 z-40 bg-ink/30" @close="emit('close')">
    <DialogPanel class="mx-auto mt-8 max-h-[90vh] w-[44rem] max-w-[94vw] overflow-y-auto border border-ink bg-sheet p-5">
      <DialogTitle class="text-head">The studio's time</DialogTitle>
      <p class="mt-1 text-quiet">No work is planned outside of it. Evenings are used only where the days are not enough.</p>
      <template v-if="store.time">
        <WeekHours class="mt-3" :week="store.time.week" @change="set({ week: $event })" />
        <div class="mt-3 grid grid-cols-3 gap-3">
          <SchemaNumber :node="field('StudioTime', 'makers')" label="makers" :value="store.time.makers" @change="set({ makers: $event })" />
          <SchemaNumber
            :node="field('StudioTime', 'eveningH')"
            label="evening, at most"
            :value="store.time.eveningH"
            @change="set({ eveningH: $event })"
          />
          <SchemaNumber
            :node="field('StudioTime', 'sittingMin')"
            label="longest sitting"
            :value="store.time.sittingMin"
            @change="set({ sittingMin: $event })"
          />
        </div>
        <p class="mt-3 flex min-h-9 items-center gap-2" data-noon>
          <label class="flex items-center gap-2"
            ><input
              type="checkbox"
              class="size-4"
              :checked="!!store.time.noon"
              @change="set({ noon: store.time!.noon ? undefined : NOON })"
            />
            a break at noon</label
          >
          <template v-if="store.time.noon">
            <input
              type="time"
              class="field w-32"
              aria-label="break from"
              :value="store.time.noon.from.slice(0, 5)"
              @change="typed($event) && set({ noon: { ...store.time!.noon!, from: `${typed($event)}:00` } })"
            />
            to
            <input
              type="time"
              class="field w-32"
              aria-label="break to"
              :value="store.time.noon.to.slice(0, 5)"
              @change="typed($event) && set({ noon: { ...store.time!.noon!, to: `${typed($event)}:00` } })"
            />
          </template>
        </p>
        <SecondMaker v-if="store.time.makers > 1" :second="store.time.second" :week="store.time.week" @change="set({ second: $event })" />
        <h3 class="heading-small mt-3">quiet hours</h3>
        <p class="text-note text-quiet">Every day; nothing is sprayed and nothing with spirit is painted then.</p>
        <p v-for="(q, i) in store.time.quiet" :key="i" class="flex items-center gap-2 py-0.5">
          <input
            type="time"
            class="field w-32"
            :aria-label="`quiet from, ${i + 1}`"
            :value="q.from.slice(0, 5)"
            @change="typed($event) && listed(`/quiet/${i}/from`, `${typed($event)}:00`)"
          />
          to
          <input
            type="time"
            class="field w-32"
            :aria-label="`quiet to, ${i + 1}`"
            :value="q.to.slice(0, 5)"
            @change="typed($event) && listed(`/quiet/${i}/to`, `${typed($event)}:00`)"
          />
          <button
            type="button"
            class="act-quiet"
            :aria-label="`Remove quiet hours ${i + 1}`"
            @click="set({ quiet: store.time!.quiet.filter((_, k) => k !== i) })"
          >
            remove
          </button>
        </p>
        <button type="button" class="act mt-1" @click="set({ quiet: [...store.time.quiet, NAP] })">Add quiet hours</button>
        <label class="mt-3 flex items-center gap-2"
          ><input type="checkbox" class="size-4" :checked="store.time.runsOn" @change="set({ runsOn: !store.time!.runsOn })" /> a fan or a
          cabinet may run on at night, with nobody there</label
        >
        <SchemaList
          class="mt-3"
          :node="field('StudioTime', 'daysOff')"
          :value="store.time.daysOff as unknown as Record<string, unknown>[]"
          path="/daysOff"
          @change="listed"
        />
        <h3 class="heading-small mt-3">busy with something else</h3>
        <p v-for="(b, i) in store.time.busy" :key="i" class="flex items-end gap-2 py-0.5">
          <TextField class="flex-1" label="what" :value="b.what" :longest="120" @change="listed(`/busy/${i}/what`, $event)" />
          <TextField
            label="from"
            type="datetime-local"
            :value="b.from.slice(0, 16)"
            @change="$event && listed(`/busy/${i}/from`, `${$event}:00`)"
          />
          <TextField
            label="to"
            type="datetime-local"
            :value="b.to.slice(0, 16)"
            @change="$event && listed(`/busy/${i}/to`, `${$event}:00`)"
          />
          <button
            type="button"
            class="act-quiet"
            :aria-label="`Remove ${b.what}`"
            @click="set({ busy: store.time!.busy.filter((_, k) => k !== i) })"
          >
            remove
          </button>
        </p>
        <label class="act mt-2 inline-block cursor-pointer"
          >Import a calendar (.ics)<input type="file" accept=".ics,text/calendar" class="sr-only" @change="takeIn"
        /></label>
        <p v-if="came" role="status" class="mt-2" data-came>
          {{ came.events }} events came, {{ came.busy }} busy times of them are imported<template v-if="came.leftOut.length"
            >. Left out: {{ came.leftOut.join('; ') }}</template
          >.
        </p>
        <ProblemNote v-if="fault" :error="fault as Error" class="mt-2" />
      </template>
      <p v-if="store.fault" role="alert" class="mt-2">■ {{ store.fault }}</p>
      <p class="mt-4 flex justify-end gap-2">
        <button v-if="store.canUndo" type="button" class="act-quiet" @click="store.undo()">Undo</button>
        <button type="button" class="act" @click="emit('close')">Close</button>
      </p>
    </DialogPanel>
  </Dialog>
</template>
