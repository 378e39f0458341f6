<script setup lang="ts">
import { computed, defineAsyncComponent, onMounted, ref, shallowRef, useTemplateRef, watch } from 'vue'
import { isPetaled, type Part, type Schemas } from '@/api/client'
import { tintsOf } from '@/parts/tints'
import ProblemNote from '@/parts/ProblemNote.vue'
import { useRoom } from '@/parts/useRoom'
import { usePace } from '@/parts/usePace'
import { useTechniques } from '@/parts/useTechniques'
import * as handling from './handling'
import ColourBench from './ColourBench.vue'
import DryingStrip from './DryingStrip.vue'
import OutlineBench from './OutlineBench.vue'
import { setAt } from '@/parts/fields/pointer'
import ReckoningColumn from './ReckoningColumn.vue'
import ShortcutsDialog from './ShortcutsDialog.vue'
import SplitPlate from './SplitPlate.vue'
import StrandColumn from './StrandColumn.vue'
import { useDid } from './useDid'
import { useDraft } from './useDraft'
import { usePlateFinder } from './usePlateFinder'
import { type Shortcut, usePlateKeys } from './usePlateKeys'
import { useReckoning } from './useReckoning'
import VersionsDialog from './VersionsDialog.vue'

/** Three dimensions are loaded when they are first asked for. */
const RoundView = defineAsyncComponent(() => import('./RoundView.vue'))

const props = defineProps<{ id: string }>()
const room = useRoom()
const techniques = useTechniques()
const pace = usePace()
const plate = useDraft(props.id)
const { reckoning, fault, reason } = useReckoning(plate.draft, () => room.room, () => techniques.techniques, () => pace.pace)
const selected = ref<string | null>(null)
const lit = ref<string | null>(null)
const asking = ref(false)
/** What stands in the middle: the split plate, the flower in the round, or one piece lying flat, as it is cut or coloured. */
type Middle = 'split' | 'round' | 'outline' | 'colour'
const middle = ref<Middle>('split')
/** Where there is no room for both columns, one of them is shown. */
const SIDES = ['strand', 'reckoning'] as const
const side = ref<(typeof SIDES)[number]>('reckoning')
const split = useTemplateRef<{ zoomBy: (factor: number) => void; step: (dx: number, dy: number) => void; all: () => void }>('split')
const toggle = (to: Middle) => (middle.value = middle.value === to ? 'split' : to)
const loadFault = shallowRef<Error>()
onMounted(() => plate.load().catch((e: Error) => (loadFault.value = e)))

const tints = computed(() => tintsOf(plate.draft.value?.parts ?? [], reckoning.value))
const selectedPart = computed(() => plate.draft.value?.parts.find((p) => p.id === selected.value))
watch(selectedPart, (part) => {
  if (!part && plate.draft.value) selected.value = null
})

function onSelected(key: string, alter: (id: string) => (d: Schemas['SpeciesDocument']) => void) {
  const id = selected.value
  if (id) plate.change(`${key}-${id}`, alter(id))
}

/** Whether the fewer pieces of a part is the one in force. */
function fewer(id: string): boolean {
  const part = plate.draft.value?.parts.find((p) => p.id === id)
  if (!part || !isPetaled(part) || part.pieces.fewerCount === 0) return false
  return (part.pieces.techniques?.counts ?? reckoning.value?.techniques.counts) === 'fewer'
}

function step(by: number) {
  const parts = plate.draft.value?.parts ?? []
  const at = parts.findIndex((p) => p.id === selected.value)
  selected.value = parts[Math.min(parts.length - 1, Math.max(0, at < 0 ? (by > 0 ? 0 : parts.length - 1) : at + by))]?.id ?? null
}

function add(kind: Part['kind']) {
  plate.change('', (document) => {
    selected.value = handling.add(document, kind, selected.value)
  })
}

function double() {
  const id = selected.value
  if (id) {
    plate.change('', (document) => {
      selected.value = handling.double(document, id)
    })
  }
}

function archive() {
  const id = selected.value
  if (!id) return
  step(-1)
  plate.change('', (document) => {
    document.parts = document.parts.filter((p) => p.id !== id)
  })
}

function move(by: -1 | 1) {
  const id = selected.value
  if (id) plate.change('', (document) => handling.move(document, id, by))
}

function recolour(colours: Schemas['PartColour'][]) {
  plate.change('', (document) => {
    for (const { partId, colour } of colours) {
      const part = document.parts.find((p) => p.id === partId)
      if (part && 'colour' in part) part.colour = colour
    }
  })
}

function fix(chosen: Schemas['FixView']) {
  if (chosen.changes.length > 0) {
    plate.change('', (document) => chosen.changes.forEach((c) => setAt(document, c.path, c.to)))
  }
  if (chosen.room) void room.set(chosen.room)
}

function fixFirst() {
  const findings = reckoning.value?.findings ?? []
  const own = findings.filter((f) => !selected.value || f.partId === selected.value)
  const chosen = own.flatMap((f) => f.fixes)[0]
  if (chosen) fix(chosen)
}

const shortcuts: Shortcut[] = [
  { keys: ['ArrowDown', 'j'], label: 'next part outwards', run: () => step(1) },
  { keys: ['ArrowUp', 'k'], label: 'next part inwards', run: () => step(-1) },
  { keys: ['Escape'], label: 'the whole flower', run: () => (selected.value = null) },
  { keys: ['+', '='], label: 'one petal more', run: () => onSelected('count', (id) => handling.count(id, 1, fewer(id))) },
  { keys: ['-'], label: 'one petal less', run: () => onSelected('count', (id) => handling.count(id, -1, fewer(id))) },
  { keys: [']'], label: 'open by 2°', run: () => onSelected('opens', (id) => handling.opens(id, 2)) },
  { keys: ['['], label: 'close by 2°', run: () => onSelected('opens', (id) => handling.opens(id, -2)) },
  { keys: ['.'], label: 'turn on by 3°', run: () => onSelected('turn', (id) => handling.turn(id, 3)) },
  { keys: [','], label: 'turn back by 3°', run: () => onSelected('turn', (id) => handling.turn(id, -3)) },
  { keys: ['l'], label: 'longer cutter', run: () => onSelected('length', (id) => handling.lengthen(id, 1)) },
  { keys: ['s'], label: 'shorter cutter', run: () => onSelected('length', (id) => handling.lengthen(id, -1)) },
  { keys: ['w'], label: 'wider cutter', run: () => onSelected('width', (id) => handling.widen(id, 1)) },
  { keys: ['n'], label: 'narrower cutter', run: () => onSelected('width', (id) => handling.widen(id, -1)) },
  { keys: ['a'], label: 'add a ring outside', run: () => add('ring') },
  { keys: ['d'], label: 'duplicate the part', run: double },
  { keys: ['x', 'Delete'], label: 'remove the part', run: archive },
  { keys: ['alt+ArrowDown'], label: 'move the part outwards', run: () => move(1) },
  { keys: ['alt+ArrowUp'], label: 'move the part inwards', run: () => move(-1) },
  { keys: ['m'], label: 'take the first fix', run: fixFirst },
  { keys: ['z', 'ctrl+z'], label: 'undo', run: () => plate.undo() },
  { keys: ['y', 'ctrl+y', 'ctrl+shift+z'], label: 'redo', run: () => plate.redo() },
  { keys: ['e'], label: 'closer', run: () => split.value?.zoomBy(1.3) },
  { keys: ['f'], label: 'farther', run: () => split.value?.zoomBy(1 / 1.3) },
  { keys: ['0'], label: 'the whole drawing', run: () => split.value?.all() },
  { keys: ['ctrl+ArrowLeft'], label: 'look further left', run: () => split.value?.step(-0.2, 0) },
  { keys: ['ctrl+ArrowRight'], label: 'look further right', run: () => split.value?.step(0.2, 0) },
  { keys: ['ctrl+ArrowUp'], label: 'look further up', run: () => split.value?.step(0, -0.2) },
  { keys: ['ctrl+ArrowDown'], label: 'look further down', run: () => split.value?.step(0, 0.2) },
  { keys: ['r'], label: 'in the round, or not', run: () => toggle('round') },
  { keys: ['o'], label: 'the outline, or the flower', run: () => toggle('outline') },
  { keys: ['c'], label: 'its colour, or the flower', run: () => toggle('colour') },
  { keys: ['?'], label: 'this list', run: () => (asking.value = true) },
]
const { did, said } = useDid(plate.draft, () => selectedPart.value?.name)
usePlateKeys(() => shortcuts, () => plate.draft.value, said)

usePlateFinder({
  draft: () => plate.draft.value,
  select: (id) => (selected.value = id),
  add,
  shortcuts,
})

const KEEPING = {
  kept: '● kept',
  keeping: '○ keeping …',
  'here-only': '◆ kept in this browser only; trying again',
  refused: '■ cannot be kept as it is',
  'two-versions': '■ two versions',
}
</script>

<template>
  <ProblemNote v-if="loadFault" :error="loadFault" class="m-6" />
  <div v-else-if="plate.draft.value" data-plate tabindex="-1" class="flex h-full outline-none min-h-[680px] min-w-[800px] flex-col">
    <div class="flex h-12 shrink-0 items-center gap-4 border-b border-line px-4">
      <h1 class="min-w-0 flex-1 truncate text-head">{{ plate.draft.value.name }}</h1>
      <span role="status" class="text-note text-quiet" :data-state="plate.state.value">{{ KEEPING[plate.state.value] }}</span>
      <button
        v-for="s in SIDES"
        :key="s"
        type="button"
        class="act-quiet aria-pressed:underline min-[1100px]:!hidden"
        :aria-pressed="side === s"
        @click="side = s"
      >
        {{ s === 'strand' ? 'Strand' : 'Figures' }}
      </button>
      <button type="button" class="act-quiet aria-pressed:underline" :aria-pressed="middle === 'round'" @click="toggle('round')">In the round</button>
      <button type="button" class="act-quiet aria-pressed:underline" :aria-pressed="middle === 'outline'" @click="toggle('outline')">Outline</button>
      <button type="button" class="act-quiet aria-pressed:underline" :aria-pressed="middle === 'colour'" @click="toggle('colour')">Colour</button>
      <button type="button" class="act-quiet" :disabled="!plate.canUndo.value" @click="plate.undo()">Undo</button>
      <button type="button" class="act-quiet" :disabled="!plate.canRedo.value" @click="plate.redo()">Redo</button>
      <button type="button" class="act-quiet" @click="asking = true">Keys <kbd class="border border-line px-1 text-note">?</kbd></button>
    </div>
    <div class="grid min-h-0 flex-1 grid-cols-[minmax(0,1fr)_320px] min-[1100px]:grid-cols-[236px_minmax(0,1fr)_372px]">
      <StrandColumn
        v-model:selected="selected"
        class="max-[1100px]:order-last max-[1100px]:border-r-0 max-[1100px]:border-l"
        :class="{ 'max-[1100px]:!hidden': side !== 'strand' }"
        :species="plate.draft.value"
        :reckoning="reckoning"
        :tints="tints"
        :lit="lit"
        @point="lit = $event"
        @add="add"
        @double="double"
        @archived="archive"
        @move="move"
      />
      <RoundView
        v-if="middle === 'round' && reckoning"
        v-model:selected="selected"
        :species="plate.draft.value"
        :species-id="id"
        :lit="lit"
        @opens="(id, deg) => plate.change('', handling.opens(id, deg))"
      />
      <OutlineBench
        v-else-if="middle === 'outline' && reckoning"
        :part="selectedPart"
        :tint="tints[selected ?? '']"
        @change="(outline) => onSelected('outline', (id) => handling.reshape(id, outline))"
      />
      <ColourBench
        v-else-if="middle === 'colour' && reckoning"
        :species="plate.draft.value"
        :part="selectedPart"
        :reckoning="reckoning"
        @select="selected = $event"
        @change="(path, value) => plate.change(path, (document) => setAt(document, path, value))"
        @colours="recolour"
      />
      <SplitPlate
        v-else-if="reckoning"
        ref="split"
        v-model:selected="selected"
        :drawing="reckoning.drawing"
        :figures="reckoning.figures"
        :parts="plate.draft.value.parts"
        :tints="tints"
        :lit="lit"
        @point="lit = $event"
        @change="(key, alter) => plate.change(key, alter)"
      />
      <div v-else />
      <ReckoningColumn
        v-if="reckoning"
        :class="{ 'max-[1100px]:!hidden': side !== 'reckoning' }"
        :species="plate.draft.value"
        :species-id="id"
        :part="selectedPart"
        :reckoning="reckoning"
        :reason="reason"
        :fault="fault ?? (plate.state.value === 'refused' ? plate.fault.value : undefined)"
        @change="(path, value) => plate.change(path, (d) => setAt(d, path, value))"
        @fix="fix"
        @select="selected = $event"
      />
      <div v-else class="p-4"><ProblemNote v-if="fault" :error="fault" /></div>
    </div>
    <p v-if="did" role="status" class="fixed bottom-24 left-1/2 z-30 flex -translate-x-1/2 items-center gap-3 border border-ink bg-sheet px-4 py-1.5" data-did>
      {{ did }} <button type="button" class="act-quiet" @click="plate.undo()">Undo</button>
    </p>
    <DryingStrip v-if="reckoning" v-model:selected="selected" :reckoning="reckoning" :medium="plate.draft.value.medium" :lit="lit" @point="lit = $event" />
    <VersionsDialog v-if="plate.theirs.value" :mine="plate.draft.value" :theirs="plate.theirs.value.value" @settle="plate.settle" />
    <ShortcutsDialog :open="asking" :shortcuts="shortcuts" @close="asking = false" />
  </div>
</template>
