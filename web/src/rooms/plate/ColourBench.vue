<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, provide, ref, watch } from 'vue'
import { answered, api, isPetaled, type Part, type Reckoning, type Schemas, type SpeciesDocument } from '@/api/client'
import { told as inWords } from '@/measure/figures'
import { useLengths } from '@/measure/useLengths'
import ProblemNote from '@/parts/ProblemNote.vue'
import { IDLE_FIELDS } from '@/parts/fields/idle'
import SchemaFields from '@/parts/fields/SchemaFields.vue'
import SchemaList from '@/parts/fields/SchemaList.vue'
import { choicesOf, definition, field, partSchema, resolved, usual } from '@/parts/fields/schema'
import ColourLadder from './ColourLadder.vue'
import PassPiece from './PassPiece.vue'
import { type Colouring, type Pass, useColours } from './useColours'

/** The passes of colour of one part, beside one of its pieces, face and back. */
const props = defineProps<{ species: SpeciesDocument; part?: Part; reckoning: Reckoning }>()
const emit = defineEmits<{ change: [path: string, value: unknown]; colours: [colours: Schemas['PartColour'][]]; select: [id: string] }>()
const lengths = useLengths()
const chosen = ref(0)
const path = computed(() => `/parts/${props.species.parts.findIndex((p) => p.id === props.part?.id)}/colour`)
const coloured = computed(() => (props.part && 'colour' in props.part ? props.part : undefined))
const put = (colour: Colouring) => emit('change', path.value, colour)
const colours = useColours(
  () => props.species,
  () => props.part?.id,
  put,
)
const { seen, fault, pulling } = colours
const passes = computed<Pass[]>(() => (pulling.value ? seen.value?.colour.passes : coloured.value?.colour.passes) ?? [])
const piece = computed(() => seen.value?.piece)
watch(
  [() => props.part?.id, () => passes.value.length],
  () => (chosen.value = Math.max(0, Math.min(chosen.value, passes.value.length - 1))),
)

const node = definition('Pass')
const labelOf = (name: 'how' | 'zone' | 'side', value: string) =>
  choicesOf(field('Pass', name)).find((c) => c.value === value)?.label ?? value
const told = (pass: Pass) => `${labelOf('how', pass.how)} · ${labelOf('zone', pass.zone)} · ${labelOf('side', pass.side)}`
const names = (pass: Pass) => pass.colours.map((c) => c.name).join(' and ') || 'colour not chosen'

const shown = (value: number, unit: Schemas['Figure']['unit']) => inWords(value, unit, lengths.unit)

/** What changes nothing as it is: a reach of what goes all over, a zone of what is no flat piece. */
provide(
  IDLE_FIELDS,
  computed(() => props.reckoning.parts.find((p) => p.id === props.part?.id)?.idle ?? []),
)

const drawer = useQuery({ queryKey: ['drawer'], queryFn: () => answered(api.GET('/api/drawer')) })
/** Every colour of the flower and of the drawer, so that a dust is chosen and not typed. */
const used = computed(() => {
  const all = new Map<string, Schemas['Dip']>()
  for (const part of props.species.parts) {
    if ('colour' in part) for (const pass of part.colour.passes) for (const dip of pass.colours) all.set(`${dip.name} ${dip.swatch}`, dip)
  }
  for (const { item } of drawer.data.value ?? []) {
    if (item.kind === 'colour-pot')
      all.set(`${item.name} ${item.colour}`, { name: item.name, swatch: item.colour, form: item.form, parts: 1 })
  }
  return [...all.values()]
})

function change(next: Pass[]) {
  put({ passes: next })
}

function add(dip?: Schemas['Dip']) {
  const fresh = usual(resolved(node)) as unknown as Pass
  const dust = dip ?? { ...(usual(definition('Dip')) as unknown as Schemas['Dip']), name: 'dust', swatch: '#a8485c' }
  change([...passes.value, { ...fresh, zone: 'edge', brushedOff: true, at: 'firm', colours: [{ ...dust, parts: 1 }] }])
  chosen.value = passes.value.length
}

function leaveOut(at: number) {
  change(passes.value.filter((_, i) => i !== at))
}

function move(at: number, by: -1 | 1) {
  const to = at + by
  if (to < 0 || to >= passes.value.length) return
  const next = [...passes.value]
  ;[next[at], next[to]] = [next[to]!, next[at]!]
  change(next)
  chosen.value = to
}

const rings = computed(() => props.species.parts.filter((p) => partSchema(p.kind)['x-ring']))
const stepFault = ref<unknown>()
async function step(to: string, between: boolean) {
  if (!props.part) return
  try {
    stepFault.value = undefined
    emit('colours', await answered(api.POST('/api/colour/steps', { body: { species: props.species, from: props.part.id, to, between } })))
  } catch (e) {
    stepFault.value = e
  }
}

const pass = computed(() => passes.value[chosen.value])
</script>

<template>
  <section class="relative flex min-w-0 flex-col overflow-y-auto bg-sheet" aria-label="Colour, pass by pass">
    <template v-if="coloured">
      <PassPiece
        v-if="piece && part && isPetaled(part)"
        :piece="piece"
        :name="part.name"
        :chosen="chosen"
        :back="pass?.side === 'back'"
        :pulling="pulling"
        @take="colours.take(chosen, $event)"
        @pull="(x, y) => void colours.pullTo(x, y)"
        @let-go="colours.letGo()"
        @nudge="(fade, by) => void colours.nudge(chosen, fade, ...by)"
      />
      <ProblemNote v-if="fault" :error="fault as Error" class="m-2" />
      <ColourLadder
        :rings="rings"
        :reckoning="reckoning"
        :selected="part?.id"
        @select="emit('select', $event)"
        @copy="step($event, false)"
        @between="step($event, true)"
      />
      <ProblemNote v-if="stepFault" :error="stepFault as Error" class="m-2" />
      <div class="grid min-h-0 grid-cols-[minmax(0,15rem)_minmax(0,1fr)] gap-x-4 border-t border-line px-3 py-1.5">
        <div>
          <ol class="divide-y divide-line" aria-label="Passes">
            <li v-for="(p, i) in passes" :key="i" class="flex items-center gap-2 py-1" :class="{ 'bg-ground': i === chosen }">
              <button
                type="button"
                class="flex min-w-0 flex-1 items-center gap-2 text-left"
                :aria-pressed="i === chosen"
                @click="chosen = i"
              >
                <span
                  class="size-6 shrink-0 border border-line"
                  :style="{ background: piece?.passes[i]?.swatch ?? p.colours[0]?.swatch ?? 'transparent' }"
                  aria-hidden="true"
                />
                <span class="min-w-0">
                  <span class="block truncate">{{ i + 1 }}. {{ names(p) }}</span>
                  <span class="block truncate text-note text-quiet">{{ told(p) }}</span>
                </span>
              </button>
            </li>
          </ol>
          <div class="flex flex-wrap items-center gap-x-3 py-1">
            <button type="button" class="act" @click="add()">Add a pass</button>
            <button type="button" class="act-quiet" :disabled="chosen === 0" aria-label="earlier" @click="move(chosen, -1)">↑</button>
            <button type="button" class="act-quiet" :disabled="chosen >= passes.length - 1" aria-label="later" @click="move(chosen, 1)">
              ↓
            </button>
            <button type="button" class="act-quiet" :disabled="!pass" @click="leaveOut(chosen)">Remove it</button>
          </div>
          <div
            v-if="used.length"
            class="flex flex-wrap gap-1 pb-1"
            role="group"
            aria-label="Add a pass of a colour of the flower or of the drawer"
          >
            <button
              v-for="dip in used"
              :key="`${dip.name} ${dip.swatch}`"
              type="button"
              class="size-7 border border-line"
              :style="{ background: dip.swatch }"
              :title="`a pass of ${dip.name}`"
              :aria-label="`a pass of ${dip.name}`"
              @click="add(dip)"
            />
          </div>
          <p v-for="use in piece?.uses ?? []" :key="use.name" class="text-note text-quiet">
            {{ use.name }}: {{ shown(use.milligrams, 'milligram') }} a piece
          </p>
        </div>
        <div v-if="pass" :key="`${part?.id} ${chosen}`">
          <SchemaFields
            :node="resolved(node)"
            :value="pass as unknown as Record<string, unknown>"
            :hidden="['colours']"
            :path="`${path}/passes/${chosen}`"
            @change="(p, value) => emit('change', p, value)"
          />
          <SchemaList
            class="mt-1.5"
            :node="field('Pass', 'colours')"
            :value="pass.colours as unknown as Record<string, unknown>[]"
            :path="`${path}/passes/${chosen}/colours`"
            @change="(p, value) => emit('change', p, value)"
          />
        </div>
        <p v-else class="text-quiet">No colour goes on these yet. A pass says which dust or paint, how, where, how strong and when.</p>
      </div>
    </template>
    <p v-else class="m-auto max-w-80 text-center text-quiet">
      Choose a part on the strand: what is dusted or painted on it is laid on here, pass by pass.
    </p>
  </section>
</template>
