<script setup lang="ts">
import { computed, defineAsyncComponent, onMounted, ref, shallowRef, useTemplateRef, watch } from 'vue'
import { useRouter } from 'vue-router'
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
import { plateShortcuts } from './plateShortcuts'
import { useDid } from './useDid'
import { useDraft } from './useDraft'
import { usePlateEdits } from './usePlateEdits'
import { usePlateFinder } from './usePlateFinder'
import { usePlateKeys } from './usePlateKeys'
import { useReckoning } from './useReckoning'
import VersionsDialog from './VersionsDialog.vue'

/** Three dimensions are loaded when they are first asked for. */
const RoundView = defineAsyncComponent(() => import('./RoundView.vue'))

const props = defineProps<{ id: string }>()
const room = useRoom()
const techniques = useTechniques()
const pace = usePace()
const plate = useDraft(props.id)
const { reckoning, fault, reason } = useReckoning(
  plate.draft,
  () => room.room,
  () => techniques.techniques,
  () => pace.pace,
)
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

const edits = usePlateEdits(plate, selected, reckoning, (chosen) => void room.set(chosen))
const { onSelected, add, double, archive, move, recolour, fix } = edits
const shortcuts = plateShortcuts(edits, {
  deselect: () => (selected.value = null),
  undo: () => plate.undo(),
  redo: () => plate.redo(),
  zoomBy: (factor) => split.value?.zoomBy(factor),
  step: (dx, dy) => split.value?.step(dx, dy),
  all: () => split.value?.all(),
  toggle,
  ask: () => (asking.value = true),
})
const { did, said } = useDid(plate.draft, () => selectedPart.value?.name)
usePlateKeys(
  () => shortcuts,
  () => plate.draft.value,
  said,
)

const router = useRouter()
usePlateFinder({
  draft: () => plate.draft.value,
  select: (id) => (selected.value = id),
  add,
  shortcuts,
  method: () => void router.push(`/plate/${props.id}/method`),
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
      <button type="button" class="act-quiet aria-pressed:underline" :aria-pressed="middle === 'round'" @click="toggle('round')">
        In the round
      </button>
      <button type="button" class="act-quiet aria-pressed:underline" :aria-pressed="middle === 'outline'" @click="toggle('outline')">
        Outline
      </button>
      <button type="button" class="act-quiet aria-pressed:underline" :aria-pressed="middle === 'colour'" @click="toggle('colour')">
        Colour
      </button>
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
    <p
      v-if="did"
      role="status"
      class="fixed bottom-24 left-1/2 z-30 flex -translate-x-1/2 items-center gap-3 border border-ink bg-sheet px-4 py-1.5"
      data-did
    >
      {{ did }} <button type="button" class="act-quiet" @click="plate.undo()">Undo</button>
    </p>
    <DryingStrip
      v-if="reckoning"
      v-model:selected="selected"
      :reckoning="reckoning"
      :medium="plate.draft.value.medium"
      :lit="lit"
      @point="lit = $event"
    />
    <VersionsDialog v-if="plate.theirs.value" :mine="plate.draft.value" :theirs="plate.theirs.value.value" @settle="plate.settle" />
    <ShortcutsDialog :open="asking" :shortcuts="shortcuts" @close="asking = false" />
  </div>
</template>
