<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'
import { RouterLink } from 'vue-router'
import { answered, api, type Schemas } from '@/api/client'
import ChoiceField from '@/parts/fields/ChoiceField.vue'
import { useJob } from '@/kept/useJob'
import JobNote from '@/parts/JobNote.vue'
import ProblemNote from '@/parts/ProblemNote.vue'

/** The fewest or cheapest cutters to buy, so that every piece of the chosen species can be cut. */
const species = useQuery({ queryKey: ['species'], queryFn: () => answered(api.GET('/api/species')) })
const chosen = ref<string[]>([])
const least = ref<Schemas['Least']>('fewest')
const shelf = computed(() => (species.data.value ?? []).filter((s) => !s.archived))
const { job, result, fault, run, stop } = useJob<Schemas['Purchases']>(() =>
  answered(api.POST('/api/drawer/purchases', { body: { speciesIds: chosen.value, least: least.value } })),
)
watch([chosen, least], () => (chosen.value.length ? run() : stop()), { deep: true })
const LEAST = [
  { value: 'fewest', label: 'as few cutters as can be' },
  { value: 'cheapest', label: 'as cheap as can be' },
]
const named = (served: Schemas['Served'][]) => served.map((s) => `${s.need.part} (${s.need.species}): ${s.by.reason}`)
</script>

<template>
  <div class="mx-auto grid max-w-6xl grid-cols-1 gap-8 px-5 py-4 lg:grid-cols-[280px_1fr]">
    <section aria-label="What it is for">
      <h1 class="text-title">What to buy</h1>
      <p class="text-quiet">Choose what you want to make; cutters whose count is 0 are those that could be bought.</p>
      <p class="my-2 flex gap-2">
        <button type="button" class="act-quiet !px-0" :disabled="shelf.length === 0" @click="chosen = shelf.map((s) => s.id)">
          All species
        </button>
        <button type="button" class="act-quiet" @click="chosen = []">None</button>
      </p>
      <label v-for="s in shelf" :key="s.id" class="flex min-h-7 items-center gap-2"
        ><input v-model="chosen" type="checkbox" class="size-4" :value="s.id" />{{ s.name }}</label
      >
      <ChoiceField
        class="mt-3"
        label="the purchase should be"
        :value="least"
        :choices="LEAST"
        @change="least = $event as Schemas['Least']"
      />
      <p class="mt-3"><RouterLink class="act-quiet !px-0" to="/drawer">Back to the drawer</RouterLink></p>
    </section>
    <section aria-label="The purchase" class="min-w-0">
      <p v-if="chosen.length === 0" class="text-quiet">Nothing is chosen yet.</p>
      <ProblemNote v-if="fault" :error="fault" />
      <JobNote v-if="chosen.length && job" :job="job" @stop="stop" />
      <template v-if="chosen.length && result">
        <p class="border-b border-line pb-2 text-lead" data-purchase>
          <template v-if="result.buy.length">
            Buy <strong>{{ result.buy.length }}</strong> {{ result.buy.length === 1 ? 'cutter' : 'cutters' }} for
            <strong>{{ result.price.toFixed(2) }}</strong>:
            {{
              result.proved
                ? least === 'fewest'
                  ? 'fewer will not do'
                  : 'no purchase is cheaper'
                : 'a good purchase, not proved the least'
            }}.
          </template>
          <template v-else>● The drawer has what they take, as far as any cutter does.</template>
        </p>
        <table v-if="result.buy.length" class="mt-1 w-full">
          <thead>
            <tr class="text-left text-note text-quiet">
              <th class="font-normal">buy</th>
              <th class="font-normal">for</th>
              <th class="text-right font-normal">price</th>
              <th class="pl-4 font-normal">without it</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="b in result.buy" :key="b.cutter.name" class="border-t border-line align-top">
              <td class="py-1 pr-3 font-medium">{{ b.cutter.name }}</td>
              <td class="pr-3">
                <p v-for="line in named(b.serves)" :key="line">{{ $told(line) }}</p>
              </td>
              <td class="text-right">{{ b.cutter.price.toFixed(2) }}</td>
              <td class="w-56 pl-4 text-note text-quiet">
                <template v-if="b.instead[0]">{{ b.instead[0].cutters.length }} cutters for {{ b.instead[0].price.toFixed(2) }}</template>
                <template v-else>{{ job?.state === 'stopped' ? 'not looked for' : 'something cannot be cut' }}</template>
              </td>
            </tr>
          </tbody>
        </table>
        <template v-if="result.unserved.length">
          <h2 class="mt-5 text-head">No cutter does for</h2>
          <p v-for="n in result.unserved" :key="n.species + n.part">
            ■ {{ n.part }} ({{ n.species }}): print its outline or its cutter from the species' plate.
          </p>
        </template>
        <template v-if="result.served.length">
          <h2 class="mt-5 text-head">The drawer already cuts</h2>
          <table class="w-full">
            <tbody>
              <tr v-for="s in result.served" :key="s.need.species + s.need.part" class="border-t border-line">
                <td class="py-0.5 pr-3">
                  {{ s.need.part }} <span class="text-note text-quiet italic">{{ s.need.species }}</span>
                </td>
                <td class="pr-3">{{ s.by.cutter.name }}</td>
                <td>{{ $told(s.by.reason) }}</td>
              </tr>
            </tbody>
          </table>
        </template>
      </template>
    </section>
  </div>
</template>
