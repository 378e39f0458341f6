<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { RouterLink } from 'vue-router'
import { answered, api, type Schemas } from '@/api/client'
import drawerSchema from '@formats/drawer.schema.json'
import published from '@formats/pace.schema.json'
import { choicesOf, definition, field, publish } from '@/parts/fields/schema'
import ProblemNote from '@/parts/ProblemNote.vue'
import { usePace } from '@/parts/usePace'
import { day as dayName, time as clock } from '../order/dates'
import { dryingTold, pagesOf, rollerTold, told } from './pages'
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
const operation = (value: string) => wordOf(choicesOf(field('Own', 'operation')), value)
const medium = (value: string) => wordOf(choicesOf(definition('Medium')), value)
const watched = (of: Schemas['DryingLesson']) => view.value?.watched.find((w) => w.medium === of.medium && w.clock === of.clock)
const sort = (value: string) => wordOf(choicesOf(definition('PieceSort')), value)
const orderOf = (id: string) => id.slice(0, id.indexOf(' '))
const own = (of: Schemas['Operation']) => view.value?.pace.own.find((o) => o.operation === of)
const percent = (share: number) => `${(100 * share).toFixed(1)} %`

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
const notGoneBy = computed(() => view.value?.book.pace.filter((p) => !own(p.operation)) ?? [])
async function goAll() {
  for (const p of [...notGoneBy.value]) await go({ of: 'pace', operation: p.operation, taken: true })
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
        Nothing is written yet. The bench writes it: what was begun, counted, broken and done, and what was <em>not yet</em> or <em>ready</em> when you looked.
      </p>
      <article v-for="page in pages" :key="page.day" class="mt-4" :aria-label="dayName(page.day)">
        <h2 class="font-heading text-head italic">{{ dayName(page.day) }}</h2>
        <ul>
          <li v-for="e in page.entries" :key="e.id" class="flex gap-3 border-b border-line py-1" :class="e.leftOut && 'text-quiet line-through'" data-entry>
            <span class="w-12 shrink-0 text-note text-quiet">{{ clock(e.at) }}</span>
            <span class="min-w-0 flex-1">{{ $told(e.task) }}<span class="text-quiet"> · {{ e.species }}, {{ e.order }}</span><br /><span class="text-note">{{ $told(told(e)) }}</span>
              <template v-for="w in e.written" :key="w.at">
                <a v-if="w.said.kind === 'bench-photo'" :href="`/api/orders/${orderOf(e.id)}/bench/pictures/${w.said.picture}.jpg`" target="_blank" class="mt-1 block w-40"><img :src="`/api/orders/${orderOf(e.id)}/bench/pictures/${w.said.picture}.jpg`" :alt="`A picture of ${e.task}, ${clock(w.at)}`" class="border border-line" /></a>
                <span v-else class="block" :class="w.said.kind === 'bench-note' ? 'font-heading text-lead italic' : 'text-note'" data-written>{{ $told(w.told) }}</span>
              </template></span>
            <button type="button" class="act-quiet self-center no-underline" :disabled="busy" @click="leaveOut(e.id, !e.leftOut)">{{ e.leftOut ? 'learn from it' : 'leave out' }}</button>
          </li>
          <li v-for="r in page.remarks" :key="r.written.at" class="flex gap-3 border-b border-line py-1 text-quiet" data-remark>
            <span class="w-12 shrink-0 text-note">{{ clock(r.written.at) }}</span><span>{{ r.written.told }} <span class="text-note">{{ r.order }}</span></span>
          </li>
        </ul>
      </article>
    </section>
    <aside v-if="view" aria-label="What was learnt" class="min-w-0">
      <h2 class="border-b border-line pb-2 text-head">What was learnt</h2>
      <section v-for="d in view.book.drying" :key="`${d.medium} ${d.clock}`" class="mt-3" :aria-label="`${d.clock === 'skin' ? 'Skinning' : 'Drying'} of ${medium(d.medium)}`" data-lesson>
        <p>{{ dryingTold(medium(d.medium), d) }}</p>
        <RateCurve :lesson="d" class="mt-1" />
        <p class="text-note text-quiet">Dashed: before any record. Bar: where four of five fall. {{ watched(d) ? `It is reckoned ${watched(d)!.factor.toFixed(2)} times as fast, from ${watched(d)!.looks} looks.` : 'It is reckoned without this.' }}</p>
        <p class="mt-1 flex gap-2">
          <button type="button" class="act" :disabled="busy" @click="go({ of: 'drying', medium: d.medium, clock: d.clock, taken: true })">{{ watched(d) ? 'Use this as it is now' : 'Use this' }}</button>
          <button v-if="watched(d)" type="button" class="act-quiet" :disabled="busy" @click="go({ of: 'drying', medium: d.medium, clock: d.clock, taken: false })">Forget it</button>
        </p>
      </section>
      <section class="mt-5" aria-label="Breakage" data-lesson>
        <p v-if="view.book.breakage.broken + view.book.breakage.whole === 0" class="text-quiet">No pieces were counted yet: spares go by {{ percent(view.book.breakage.beforeShare) }} breakage.</p>
        <template v-else>
          <p>{{ view.book.breakage.broken }} of {{ view.book.breakage.broken + view.book.breakage.whole }} pieces broke: {{ percent(view.book.breakage.share) }} are to be reckoned with, {{ percent(view.book.breakage.beforeShare) }} before.</p>
          <table class="mt-1 w-full" aria-label="Breakage by sort">
            <thead><tr class="text-left text-note text-quiet"><th class="font-normal">sort of pieces</th><th class="text-right font-normal">broke</th><th class="text-right font-normal">reckon with</th><th class="text-right font-normal">four in five</th></tr></thead>
            <tbody>
              <tr v-for="s in view.book.breakage.sorts" :key="s.sort" class="border-t border-line">
                <td>{{ sort(s.sort) }}</td><td class="text-right text-quiet">{{ s.broken }} of {{ s.broken + s.whole }}</td><td class="text-right font-medium">{{ percent(s.share) }}</td><td class="text-right text-quiet">{{ (100 * s.low).toFixed(0) }}–{{ (100 * s.high).toFixed(0) }} %</td>
              </tr>
            </tbody>
          </table>
          <ul class="text-note text-quiet"><li v-for="b in view.book.breakage.parts.filter((p) => p.broken)" :key="`${b.species} ${b.part}`">{{ b.part }} of {{ b.species }}: {{ b.broken }} of {{ b.broken + b.whole }}</li></ul>
          <p class="mt-1 flex gap-2">
            <button type="button" class="act" :disabled="busy" @click="go({ of: 'breakage', taken: true })">{{ view.breakageTaken ? 'Use this as it is now' : 'Use this' }}</button>
            <button v-if="view.breakageTaken" type="button" class="act-quiet" :disabled="busy" @click="go({ of: 'breakage', taken: false })">Forget it</button>
          </p>
        </template>
      </section>
      <section v-if="view.book.roller" class="mt-5" aria-label="The roller" data-lesson>
        <p>{{ rollerTold(view.book.roller) }}</p>
        <p class="text-note text-quiet">{{ view.book.roller.taken === 1 ? 'Settings are told by the table.' : `Settings are told ${view.book.roller.taken.toFixed(2)} times as thick as the table.` }}</p>
        <p class="mt-1 flex gap-2">
          <button type="button" class="act" :disabled="busy" @click="go({ of: 'roller', taken: true })">{{ view.book.roller.taken === 1 ? 'Use this' : 'Use this as it is now' }}</button>
          <button v-if="view.book.roller.taken !== 1" type="button" class="act-quiet" :disabled="busy" @click="go({ of: 'roller', taken: false })">Forget it</button>
        </p>
      </section>
      <section class="mt-5" aria-label="Pace" data-lesson>
        <p v-if="!view.book.pace.length" class="text-quiet">No work was timed yet: minutes go by the studio’s hand.</p>
        <p v-else>Each work that was timed tells of what it was made of; what is known of the hand beforehand weighs as much as three works.</p>
        <table v-if="view.book.pace.length" class="mt-1 w-full">
          <thead><tr class="text-left text-note text-quiet"><th class="font-normal">operation, minutes each</th><th class="text-right font-normal">by the hand</th><th class="text-right font-normal">learnt</th><th class="text-right font-normal">works</th><th /></tr></thead>
          <tbody>
            <tr v-for="p in view.book.pace" :key="p.operation" class="border-t border-line">
              <td>{{ operation(p.operation) }}</td><td class="text-right">{{ p.handMin.toFixed(2) }}</td><td class="text-right font-medium" :title="`usually ${p.lowMin.toFixed(2)} to ${p.highMin.toFixed(2)} min`">{{ p.learntMin.toFixed(2) }}</td><td class="text-right text-quiet">{{ p.works.toFixed(1) }}</td>
              <td class="text-right">
                <button v-if="own(p.operation)" type="button" class="act-quiet" :disabled="busy" :aria-label="`Forget ${operation(p.operation)}`" @click="go({ of: 'pace', operation: p.operation, taken: false })">forget {{ own(p.operation)!.eachMin.toFixed(2) }}</button>
                <button v-else type="button" class="act-quiet" :disabled="busy" :aria-label="`Use ${operation(p.operation)}`" @click="go({ of: 'pace', operation: p.operation, taken: true })">use this</button>
              </td>
            </tr>
          </tbody>
        </table>
        <p v-if="notGoneBy.length" class="mt-2"><button type="button" class="act" :disabled="busy" @click="goAll">Use all of them</button></p>
      </section>
    </aside>
  </div>
</template>
