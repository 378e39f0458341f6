<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, onScopeDispose, ref } from 'vue'
import { RouterLink } from 'vue-router'
import { answered, api, type Schemas } from '@/api/client'
import ProblemNote from '@/parts/ProblemNote.vue'
import SpeciesFace from '@/parts/SpeciesFace.vue'
import { day, readable, studioNow, time } from '../order/dates'
import ToBuy from './ToBuy.vue'
import { told } from './told'

/** What to do now and next, of all orders; what dries; what was promised. */
const EVERY_MS = 20_000
const now = ref(studioNow())
const today = useQuery({ queryKey: ['today'], queryFn: () => answered(api.GET('/api/today')), refetchInterval: EVERY_MS })
const ticking = setInterval(() => (now.value = studioNow()), 1000)
onScopeDispose(() => clearInterval(ticking))

type NextSitting = Schemas['NextSitting']
const dateOf = (n: NextSitting) => n.sitting.from.slice(0, 10)
const next = computed(() => today.data.value?.next ?? [])
/** What is late and what is planned for today; then what is planned for the next day with work. */
const days = computed(() => {
  const date = now.value.slice(0, 10)
  const late = next.value.filter((n) => n.late)
  const own = next.value.filter((n) => !n.late && dateOf(n) <= date)
  const later = next.value.filter((n) => !n.late && dateOf(n) > date)
  return [
    { key: 'late', title: 'Not done yet', all: late },
    { key: 'today', title: 'Today', all: own },
    { key: 'later', title: later[0] ? day(later[0].sitting.from) : '', all: later },
  ].filter((d) => d.all.length > 0)
})
/** The first that is not over: what hands go to now. */
const first = computed(() => days.value[0]?.all[0])
/** Orders of which something should be done by now. */
const behind = computed(() => [...new Map(next.value.filter((n) => n.late).map((n) => [n.order, n])).values()])
const drying = computed(() => today.data.value?.drying ?? [])
const promises = computed(() => today.data.value?.promises ?? [])
const buys = computed(() =>
  promises.value.filter((p) => !p.begun && p.begins && p.begins > now.value).sort((a, b) => (a.begins! < b.begins! ? -1 : 1)),
)
/** Of so many orders that begin next what is to be bought is named. */
const BOUGHT = 3
const print = () => window.print()
</script>

<template>
  <div class="mx-auto max-w-6xl px-5 py-4">
    <div class="flex flex-wrap items-baseline gap-x-4 gap-y-1 border-b border-line pb-2">
      <h1 class="text-title">{{ day(now) }}</h1>
      <p class="flex-1 text-lead tabular-nums" data-clock>{{ time(now) }}</p>
      <button v-if="next.length" type="button" class="act print:hidden" @click="print">Print this list</button>
    </div>
    <ProblemNote v-if="today.error.value" :error="today.error.value" class="mt-3" />
    <p v-if="today.isPending.value" role="status" class="mt-4 text-quiet">Looking what there is to do …</p>
    <section v-if="today.isSuccess.value && promises.length === 0" aria-label="Begin" class="mt-6 max-w-prose space-y-3" data-begin>
      <p>Nothing is ordered. Three ways to begin:</p>
      <p><RouterLink class="act" to="/shelf">A flower</RouterLink> &ensp;design one, or take one from the shelf</p>
      <p><RouterLink class="act" to="/orders">An order</RouterLink> &ensp;how many of which flower, for when</p>
      <p><RouterLink class="act" to="/quick">A quick figure</RouterLink> &ensp;a ball, a gauge, a wire, a mix of shades</p>
    </section>
    <div v-else-if="today.isSuccess.value" class="mt-3 grid gap-x-10 gap-y-6 lg:grid-cols-[minmax(0,1fr)_310px] print:block">
      <section aria-label="Now and next" class="min-w-0">
        <p v-if="next.length === 0" class="text-quiet">
          No work is planned. <RouterLink class="text-accent hover:underline" to="/orders">Have the days of an order planned</RouterLink>,
          and what to do next stands here.
        </p>
        <div v-for="d in days" :key="d.key" class="mb-5" :data-part="d.key">
          <h2 class="text-head">{{ d.title }}</h2>
          <p v-if="d.key === 'late'" class="print:hidden" data-behind>
            What is done by now stays done; the rest can be placed anew:
            <template v-for="(o, i) in behind" :key="o.order"
              >{{ i ? ', ' : ''
              }}<RouterLink class="text-accent hover:underline" :to="`/orders/${o.order}/days`">{{ o.name }}</RouterLink></template
            >.
          </p>
          <ol>
            <li v-for="n in d.all" :key="n.order + n.sitting.uid" class="break-inside-avoid border-t border-line" data-next>
              <RouterLink
                :to="{ path: `/orders/${n.order}/bench`, query: { work: n.begin } }"
                class="flex min-h-14 items-center gap-4 py-1.5 hover:bg-sheet"
              >
                <SpeciesFace class="size-11" :name="n.sitting.species" />
                <span class="w-28 shrink-0 whitespace-nowrap tabular-nums" :class="{ 'font-medium': n === first }"
                  >{{ time(n.sitting.from) }}–{{ time(n.sitting.to) }}</span
                >
                <span class="min-w-0 flex-1"
                  ><span :class="n === first ? 'text-lead font-medium' : ''">{{ n.sitting.name }}</span>
                  <span class="block text-note text-quiet"
                    ><em>{{ n.sitting.species }}</em> · {{ n.name }}{{ n.begun ? ' · begun' : '' }}</span
                  ></span
                >
                <span v-if="d.key === 'late'" class="shrink-0 text-note">◆ {{ told(n.sitting.to, now) }}</span>
                <span v-else-if="n.sitting.from <= now" class="shrink-0 text-note">now</span>
                <span aria-hidden="true" class="hidden size-4 shrink-0 border border-ink print:block" />
              </RouterLink>
            </li>
          </ol>
        </div>
      </section>
      <aside class="space-y-6">
        <section v-if="drying.length" aria-label="Drying" data-drying>
          <h2 class="text-head">Drying</h2>
          <ul>
            <li v-for="d in drying" :key="d.order + d.uid" class="border-t border-line py-1">
              <span class="block"
                >{{ d.task }} <em class="text-note text-quiet">{{ d.species }}</em></span
              >
              <span class="block text-note" :class="d.enough > now ? 'text-quiet' : ''">{{
                d.enough > now ? `ready ${told(d.enough, now)}` : `● ready since ${told(d.enough, now)}`
              }}</span>
              <span v-if="d.closes" class="block text-note">{{
                d.closes > now ? `◆ bends only until ${told(d.closes, now)}` : `■ no longer bends, since ${told(d.closes, now)}`
              }}</span>
            </li>
          </ul>
        </section>
        <section v-if="buys.length" aria-label="Buy" data-buy>
          <h2 class="text-head">Buy before it begins</h2>
          <ul>
            <li v-for="(p, i) in buys" :key="p.order" class="border-t border-line py-1">
              <RouterLink class="text-accent hover:underline" :to="`/orders/${p.order}/sheets/shopping`">{{ p.name }}</RouterLink>
              <span class="block text-note text-quiet">by {{ readable(p.begins!) }}</span>
              <ToBuy v-if="i < BOUGHT" :order="p.order" />
            </li>
          </ul>
        </section>
        <section v-if="promises.length" aria-label="Promised" data-promised>
          <h2 class="text-head">To hand over</h2>
          <ul>
            <li v-for="p in promises" :key="p.order" class="border-t border-line py-1">
              <RouterLink class="text-accent hover:underline" :to="`/orders/${p.order}`">{{ p.name }}</RouterLink>
              <span class="block text-note text-quiet">{{ readable(p.handOver) }}</span>
              <span class="block text-note">
                <template v-if="p.limit">■ no plan: {{ p.limit }}</template>
                <template v-else-if="!p.planned"
                  ><RouterLink class="hover:underline" :to="`/orders/${p.order}/days`">its days are not planned yet</RouterLink></template
                >
                <template v-else-if="p.odds"
                  >ready in time <strong>{{ p.odds.inHundred }}</strong> in 100</template
                >
                <template v-else-if="!p.begins">● all of it is done</template>
              </span>
            </li>
          </ul>
        </section>
      </aside>
    </div>
  </div>
</template>
