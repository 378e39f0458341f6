<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { RouterLink } from 'vue-router'
import { answered, api, type Schemas } from '@/api/client'
import drawerSchema from '@formats/drawer.schema.json'
import published from '@formats/pace.schema.json'
import { choicesOf, definition, publish } from '@/parts/fields/schema'
import ProblemNote from '@/parts/ProblemNote.vue'
import { usePace } from '@/parts/usePace'
import { day as dayName, time as clock } from '../order/dates'
import BreakageLesson from './BreakageLesson.vue'
import PromisesTold from './PromisesTold.vue'
import { dryingTold, pagesOf, rollerTold, told } from './pages'
import PaceLesson from './PaceLesson.vue'
import RateCurve from './RateCurve.vue'

/** The studio's book: a page a day, written by the bench; beside it what was learnt, to go by or not. */
publish(published)
publish(drawerSchema)
const client = useQueryClient()
const pace = usePace()
const book = useQuery({ queryKey: ['book'], queryFn: () => answered(api.GET('/api/book')) })
const view = computed(() => book.data.value)
const pages = computed(() => pagesOf(view.value?.book.entries ?? [], view.value?.book.remarks ?? []))
const fault = ref<unknown>()
const busy = ref(false)

const wordOf = (choices: { value: string; label: string }[], value: string) => choices.find((c) => c.value === value)?.label ?? value
const medium = (value: string) => wordOf(choicesOf(definition('Medium')), value)
const watched = (of: Schemas['DryingLesson']) => view.value?.watched.find((w) => w.medium === of.medium && w.clock === of.clock)
const orderOf = (id: string) => id.slice(0, id.indexOf(' '))
async function changed(call: Promise<Schemas['BookView']>) {
  busy.value = true
  try {
    client.setQueryData(['book'], await call)
    // What rests on it elsewhere is asked anew.
    void client.invalidateQueries({ predicate: (query) => query.queryKey[0] !== 'book' })
    fault.value = undefined
    await pace.load()
  } catch (e) {
    fault.value = e
  } finally {
    busy.value = false
  }
}
const go = (by: Schemas['LessonChoice']) => changed(answered(api.POST('/api/book/lessons', { body: by })))
async function goAll(choices: Schemas['LessonChoice'][]) {
  for (const choice of choices) await go(choice)
}
const leaveOut = (id: string, out: boolean) => changed(answered(api.POST('/api/book/records', { body: { id, out } })))
</script>

<template>
  <div class="mx-auto grid max-w-6xl grid-cols-1 gap-8 px-6 py-4 lg:grid-cols-[minmax(0,1fr)_400px]">
    <section aria-label="Pages" class="min-w-0">
      <div class="flex items-baseline border-b border-line pb-2">
        <h1 class="flex-1 text-title">Book</h1>
        <RouterLink class="act-quiet" to="/copies">Copies of the studio</RouterLink>
      </div>
      <ProblemNote v-if="book.error.value ?? fault" :error="(book.error.value ?? fault) as Error" class="mt-2" />
      <p v-if="book.isLoading.value" role="status" class="mt-4 text-quiet">Opening it …</p>
      <p v-else-if="view && !pages.length" class="mt-4 text-quiet">
        Nothing is written yet. The bench writes it: what was begun, counted, broken and done, and what was <em>not yet</em> or
        <em>ready</em> when you looked.
      </p>
      <article v-for="page in pages" :key="page.day" class="mt-4" :aria-label="dayName(page.day)">
        <h2 class="font-heading text-head italic">{{ dayName(page.day) }}</h2>
        <ul>
          <li
            v-for="e in page.entries"
            :key="e.id"
            class="flex gap-3 border-b border-line py-1"
            :class="e.leftOut && 'text-quiet line-through'"
            data-entry
          >
            <span class="w-12 shrink-0 text-note text-quiet">{{ clock(e.at) }}</span>
            <span class="min-w-0 flex-1"
              >{{ $told(e.task) }}<span class="text-quiet"> · {{ e.species }}, {{ e.order }}</span
              ><br /><span class="text-note">{{ $told(told(e)) }}</span>
              <template v-for="w in e.written" :key="w.at">
                <a
                  v-if="w.said.kind === 'bench-photo'"
                  :href="`/api/orders/${orderOf(e.id)}/bench/pictures/${w.said.picture}.jpg`"
                  target="_blank"
                  class="mt-1 block w-40"
                  ><img
                    :src="`/api/orders/${orderOf(e.id)}/bench/pictures/${w.said.picture}.jpg`"
                    :alt="`A picture of ${e.task}, ${clock(w.at)}`"
                    class="border border-line"
                /></a>
                <span
                  v-else
                  class="block"
                  :class="w.said.kind === 'bench-note' ? 'font-heading text-lead italic' : 'text-note'"
                  data-written
                  >{{ $told(w.told) }}</span
                >
              </template></span
            >
            <button type="button" class="act-quiet self-center no-underline" :disabled="busy" @click="leaveOut(e.id, !e.leftOut)">
              {{ e.leftOut ? 'learn from it' : 'leave out' }}
            </button>
          </li>
          <li v-for="r in page.remarks" :key="r.written.at" class="flex gap-3 border-b border-line py-1 text-quiet" data-remark>
            <span class="w-12 shrink-0 text-note">{{ clock(r.written.at) }}</span><span
              >{{ r.written.told }} <span class="text-note">{{ r.order }}</span></span
            >
          </li>
        </ul>
      </article>
    </section>
    <aside v-if="view" aria-label="What was learnt" class="min-w-0">
      <h2 class="border-b border-line pb-2 text-head">What was learnt</h2>
      <section
        v-for="d in view.book.drying"
        :key="`${d.medium} ${d.clock}`"
        class="mt-3"
        :aria-label="`${d.clock === 'skin' ? 'Skinning' : 'Drying'} of ${medium(d.medium)}`"
        data-lesson
      >
        <p>{{ dryingTold(medium(d.medium), d) }}</p>
        <RateCurve :lesson="d" class="mt-1" />
        <p class="text-note text-quiet">
          Dashed: before any record. Bar: where four of five fall.
          {{
            watched(d)
              ? `It is reckoned ${watched(d)!.factor.toFixed(2)} times as fast, from ${watched(d)!.looks} looks.`
              : 'It is reckoned without this.'
          }}
        </p>
        <p class="mt-1 flex gap-2">
          <button type="button" class="act" :disabled="busy" @click="go({ of: 'drying', medium: d.medium, clock: d.clock, taken: true })">
            {{ watched(d) ? 'Use this as it is now' : 'Use this' }}
          </button>
          <button
            v-if="watched(d)"
            type="button"
            class="act-quiet"
            :disabled="busy"
            @click="go({ of: 'drying', medium: d.medium, clock: d.clock, taken: false })"
          >
            Forget it
          </button>
        </p>
      </section>
      <BreakageLesson :lesson="view.book.breakage" :taken="view.breakageTaken" :busy="busy" @go="go({ of: 'breakage', taken: $event })" />
      <section v-if="view.book.roller" class="mt-5" aria-label="The roller" data-lesson>
        <p>{{ rollerTold(view.book.roller) }}</p>
        <p class="text-note text-quiet">
          {{
            view.book.roller.taken === 1
              ? 'Settings are told by the table.'
              : `Settings are told ${view.book.roller.taken.toFixed(2)} times as thick as the table.`
          }}
        </p>
        <p class="mt-1 flex gap-2">
          <button type="button" class="act" :disabled="busy" @click="go({ of: 'roller', taken: true })">
            {{ view.book.roller.taken === 1 ? 'Use this' : 'Use this as it is now' }}
          </button>
          <button
            v-if="view.book.roller.taken !== 1"
            type="button"
            class="act-quiet"
            :disabled="busy"
            @click="go({ of: 'roller', taken: false })"
          >
            Forget it
          </button>
        </p>
      </section>
      <PromisesTold :promises="view.promises" />
      <PaceLesson :pace="view.book.pace" :own="view.pace.own" :busy="busy" @go="goAll" />
    </aside>
  </div>
</template>
