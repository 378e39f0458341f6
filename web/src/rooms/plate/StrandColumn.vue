<script setup lang="ts">
import { Menu, MenuButton, MenuItem, MenuItems } from '@headlessui/vue'
import { computed } from 'vue'
import { gaugeOf, isPetaled, type Part, type Reckoning, type SpeciesDocument } from '@/api/client'
import { toldIn } from '@/measure/lengths'
import { useLengths } from '@/measure/useLengths'
import { offeredKinds } from './handling'

/** The build order as a wire running down from the centre outwards, one bead for each part. */
const props = defineProps<{
  species: SpeciesDocument
  reckoning?: Reckoning
  tints: Record<string, string>
  lit: string | null
}>()
const selected = defineModel<string | null>('selected', { required: true })
const emit = defineEmits<{ point: [id: string | null]; add: [kind: Part['kind']]; double: []; archived: []; move: [by: -1 | 1] }>()

const offered = computed(() => offeredKinds(props.species))

const findings = computed(() => {
  const marks: Record<string, string> = {}
  for (const f of props.reckoning?.findings ?? []) {
    if (f.partId && marks[f.partId] !== '■') marks[f.partId] = f.severity === 'stop' ? '■' : '◆'
  }
  return marks
})
const words: Record<string, string> = { '■': 'stop', '◆': 'check' }

const lengths = useLengths()

/** What each part is, in as few words as a bead has room for: the unit of its lengths stands at the top of the page. */
const inShort = computed(() =>
  Object.fromEntries((props.reckoning?.parts ?? []).map((p) => [p.id, toldIn(p.inShort, lengths.unit).replace(/ (?:mm|in)(?= |$)/g, '')])),
)

/** The wire of a bead is drawn at its weight: a thicker line for a lower gauge. */
const weight = (part: Part) => (gaugeOf(part) === 0 ? 0 : Math.max(1, (34 - gaugeOf(part)) / 2.6))

/** Beads stand closer where there are many, so that a flower of fourteen parts is seen whole. */
const close = computed(() => props.species.parts.length > 10)
const closest = computed(() => props.species.parts.length > 12)

const stage = (part: Part) => (isPetaled(part) ? part.pieces.joining.as : '')
</script>

<template>
  <section aria-label="Strand" class="flex min-h-0 flex-col border-r border-line">
    <ol class="relative min-h-0 flex-1 overflow-auto py-2" role="listbox" aria-label="Parts, from the centre outwards">
      <li
        v-for="part in species.parts"
        :key="part.id"
        role="option"
        tabindex="0"
        :aria-selected="part.id === selected"
        :data-bead="part.id"
        class="relative flex cursor-pointer items-center gap-3 border-l-4 border-transparent pr-2 pl-3"
        :class="{
          'min-h-[44px]': !close,
          'h-[34px]': close && !closest,
          'h-[30px]': closest,
          '!border-accent bg-sheet': part.id === selected,
          'bg-sheet/60': part.id === lit,
        }"
        @click="selected = part.id"
        @keydown.enter.prevent="selected = part.id"
        @keydown.space.prevent="selected = part.id"
        @pointerenter="emit('point', part.id)"
        @pointerleave="emit('point', null)"
      >
        <svg
          class="-my-px w-8 shrink-0"
          :class="closest ? 'h-[32px]' : close ? 'h-[36px]' : 'h-[46px]'"
          :viewBox="close ? '-16 -18 32 36' : '-16 -23 32 46'"
          preserveAspectRatio="xMidYMid slice"
          aria-hidden="true"
        >
          <line x1="0" y1="-23" x2="0" y2="23" stroke="var(--color-ink)" stroke-width="1.6" />
          <line v-if="weight(part)" x1="0" y1="0" x2="16" y2="0" stroke="var(--color-ink)" :stroke-width="weight(part)" />
          <circle r="9" :fill="tints[part.id]" stroke="var(--color-ink)" stroke-width="1" />
        </svg>
        <span class="min-w-0 flex-1">
          <span class="block truncate font-heading" :class="close ? 'text-lead leading-[15px]' : 'text-lead leading-5'">{{
            part.name
          }}</span>
          <span class="block truncate text-note text-quiet" :class="{ 'leading-[14px]': close }" :title="inShort[part.id]">{{
            inShort[part.id]
          }}</span>
        </span>
        <span class="text-right text-note text-quiet">
          <span v-if="findings[part.id]" class="block text-note leading-4 font-semibold text-ink" :title="words[findings[part.id]!]"
            >{{ findings[part.id] }} {{ words[findings[part.id]!] }}</span
          >
          <span v-if="!close || !findings[part.id]" class="block italic">{{ stage(part) }}</span>
        </span>
      </li>
    </ol>
    <p v-if="species.parts.length === 0" class="px-4 pb-2 text-quiet">
      An empty wire. Begin with a centre, say a ball of 8 mm, then add a ring of five petals.
    </p>
    <div class="flex items-center border-t border-line px-2 py-1.5 text-[12.5px]">
      <Menu as="div" class="relative">
        <MenuButton class="act mr-1 !px-2.5">Add</MenuButton>
        <MenuItems class="absolute bottom-11 left-0 z-20 w-52 border border-ink bg-sheet">
          <MenuItem
            v-for="k in offered"
            :key="k.kind"
            as="button"
            class="block min-h-9 w-full px-3 text-left ui-active:bg-accent ui-active:text-sheet"
            @click="emit('add', k.kind)"
            >{{ k.label }}</MenuItem
          >
        </MenuItems>
      </Menu>
      <button
        type="button"
        class="act-quiet !px-1.5 whitespace-nowrap"
        :disabled="!selected"
        aria-label="Move inwards"
        @click="emit('move', -1)"
      >
        ↑
      </button>
      <button
        type="button"
        class="act-quiet !px-1.5 whitespace-nowrap"
        :disabled="!selected"
        aria-label="Move outwards"
        @click="emit('move', 1)"
      >
        ↓
      </button>
      <button type="button" class="act-quiet !px-1.5 whitespace-nowrap" :disabled="!selected" @click="emit('double')">Duplicate</button>
      <button type="button" class="act-quiet !px-1.5 whitespace-nowrap" :disabled="!selected" @click="emit('archived')">Remove</button>
    </div>
  </section>
</template>
