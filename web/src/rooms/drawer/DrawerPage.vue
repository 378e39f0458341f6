<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'
import { RouterLink, useRoute } from 'vue-router'
import { answered, api } from '@/api/client'
import ProblemNote from '@/parts/ProblemNote.vue'
import TableDialog from './TableDialog.vue'
import ThingEditor from './ThingEditor.vue'
import { keepWaiting } from './waiting'
import { begun, type Kept, type Kind, KINDS, kindOf } from '@/parts/drawer/things'

const route = useRoute()
const queries = useQueryClient()
const drawer = useQuery({ queryKey: ['drawer'], queryFn: () => answered(api.GET('/api/drawer')) })
const things = computed(() => drawer.data.value ?? [])
const kind = ref<Kind>('cutter')
const chosen = ref<string>()
const taking = ref(false)
const failure = ref<unknown>()

const shown = computed(() => things.value.filter((t) => t.item.kind === kind.value))
const thing = computed(() => things.value.find((t) => t.id === chosen.value))
const countOf = (k: Kind) => things.value.filter((t) => t.item.kind === k).length
const label = (t: Kept) => t.told.howMuch

watch(
  [() => route.query.thing, things],
  ([asked]) => {
    const found = things.value.find((t) => t.id === asked)
    if (found && chosen.value === undefined) {
      kind.value = found.item.kind
      chosen.value = found.id
    }
  },
  { immediate: true },
)

/** What has a shape of its own is shown by it. */
const hasShape = (k: Kind) => k === 'cutter' || k === 'own-former'
const shapeOf = (t: Kept) => `/api/drawer/${t.id}/shape.svg?version=${t.version}`

function turnTo(k: Kind) {
  kind.value = k
  chosen.value = undefined
}

/** Sets what is known of the drawer; whatever rests on it is asked for anew. */
async function told(now: Kept[]) {
  queries.setQueryData(['drawer'], now)
  await queries.invalidateQueries({ predicate: (q) => q.queryKey[0] !== 'drawer' })
}

async function add() {
  failure.value = undefined
  try {
    const kept = await answered(api.POST('/api/drawer', { body: begun(kind.value) }))
    await told([...things.value, kept])
    chosen.value = kept.id
  } catch (e) {
    failure.value = e
  }
}

/** What was kept of one thing is seen in the list; whatever rests on it is asked for anew. */
async function kept(now: Kept) {
  queries.setQueryData<Kept[]>(['drawer'], (all) => all?.map((t) => (t.id === now.id ? now : t)))
  await queries.invalidateQueries({ predicate: (q) => q.queryKey[0] !== 'drawer' })
}

/** What an earlier visit left waiting in this browser; asked about where another window has kept something else since. */
const disputed = ref<string[]>([])
void drawer.suspense().then(async ({ data }) => (disputed.value = await keepWaiting(data ?? [], (now) => void kept(now))))

async function remove(id: string) {
  await answered(api.DELETE('/api/drawer/{id}', { params: { path: { id } } }))
  await told(things.value.filter((t) => t.id !== id))
  chosen.value = undefined
}
</script>

<template>
  <div class="grid min-h-full grid-cols-1 lg:grid-cols-[190px_minmax(0,1fr)_370px]">
    <nav aria-label="Kinds of things" class="border-r border-line py-3">
      <button
        v-for="k in KINDS"
        :key="k.kind"
        type="button"
        class="flex min-h-9 w-full items-center justify-between px-4 text-left hover:bg-sheet"
        :class="k.kind === kind ? 'bg-sheet font-medium shadow-[inset_3px_0_0_var(--color-accent)]' : ''"
        :aria-current="k.kind === kind"
        @click="turnTo(k.kind)"
      >
        <span>{{ k.label }}</span><span class="text-quiet">{{ countOf(k.kind) || '' }}</span>
      </button>
      <p class="mt-3 flex flex-col items-start border-t border-line px-2 pt-2">
        <RouterLink class="act-quiet" to="/drawer/buy">What to buy …</RouterLink>
        <a class="act-quiet" href="/api/drawer/drawer.csv" download="drawer.csv">Export as CSV</a>
        <button type="button" class="act-quiet" @click="taking = true">Import a table …</button>
      </p>
    </nav>
    <section class="min-w-0 px-5 py-3" :aria-label="kindOf(kind).label">
      <div class="flex items-baseline gap-4">
        <h1 class="flex-1 text-title first-letter:uppercase">{{ kindOf(kind).label }}</h1>
        <button type="button" class="act" @click="add">Add one</button>
      </div>
      <p class="text-quiet">{{ kindOf(kind).means }}</p>
      <ProblemNote v-if="drawer.error.value ?? failure" :error="drawer.error.value ?? failure" class="mt-2" />
      <p v-if="shown.length === 0 && drawer.isSuccess.value" class="mt-6 text-quiet">
        None yet. Add one here, or import a whole table: export the drawer as CSV once to see its headings.
      </p>
      <table v-else class="mt-2 w-full">
        <thead>
          <tr class="text-left text-note text-quiet">
            <th class="font-normal">name</th>
            <th class="font-normal">what it is</th>
            <th class="text-right font-normal">there is</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="t in shown" :key="t.id" class="border-t border-line" :class="t.id === chosen ? 'bg-sheet' : ''">
            <td>
              <button
                type="button"
                class="min-h-8 text-left text-accent hover:underline"
                :aria-pressed="t.id === chosen"
                @click="chosen = t.id"
              >
                {{ t.item.name }}</button><span v-if="disputed.includes(t.id)" class="ml-2 text-note"
                >◆ changed in two windows: choose it</span
              >
            </td>
            <td>
              <img
                v-if="hasShape(t.item.kind)"
                :src="shapeOf(t)"
                alt=""
                loading="lazy"
                class="mr-2 inline-block size-8 align-middle"
                data-shape
              />
              <span
                v-if="t.item.kind === 'colour-pot'"
                class="mr-2 inline-block size-4 border border-line align-[-3px]"
                :style="{ background: t.item.colour }"
              />{{ $told(t.told.inShort) }}
            </td>
            <td class="text-right whitespace-nowrap" :class="label(t) === 'could be bought' ? 'text-quiet italic' : ''">{{ label(t) }}</td>
          </tr>
        </tbody>
      </table>
    </section>
    <ThingEditor
      v-if="thing"
      :key="thing.id"
      :thing="thing"
      @kept="kept"
      @added="told([...things, ...$event])"
      @remove="remove(thing.id)"
    />
    <aside v-else class="border-l border-line px-4 py-3 text-quiet">Choose a thing to see and change it.</aside>
    <TableDialog v-if="taking" @close="taking = false" @taken="drawer.refetch()" />
  </div>
</template>
