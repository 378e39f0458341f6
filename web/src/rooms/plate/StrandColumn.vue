<script setup lang="ts">
import { Menu, MenuButton, MenuItem, MenuItems } from '@headlessui/vue'
import { computed } from 'vue'
import { isPetaled, type Part, type Reckoning, type SpeciesDocument } from '@/api/client'
import { writeLength } from '@/measure/lengths'
import { useLengths } from '@/measure/useLengths'

/** The build order as a wire running down from the heart outwards, one bead for each part. */
const props = defineProps<{
  species: SpeciesDocument
  reckoning?: Reckoning
  tints: Record<string, string>
  lit: string | null
}>()
const selected = defineModel<string | null>('selected', { required: true })
const emit = defineEmits<{ point: [id: string | null]; add: [kind: Part['kind']]; double: []; aside: []; move: [by: -1 | 1] }>()
const lengths = useLengths()

const KINDS: { kind: Part['kind']; label: string }[] = [
  { kind: 'whorl', label: 'a ring of petals' },
  { kind: 'stamens', label: 'stamens' },
  { kind: 'calyx', label: 'a calyx' },
  { kind: 'leaf', label: 'leaves' },
  { kind: 'heart', label: 'a heart' },
]
const offered = computed(() => KINDS.filter((k) => k.kind !== 'heart' || !props.species.parts.some((p) => p.kind === 'heart')))

const findings = computed(() => {
  const marks: Record<string, string> = {}
  for (const f of props.reckoning?.findings ?? []) {
    if (f.partId && marks[f.partId] !== '■') marks[f.partId] = f.severity === 'stop' ? '■' : '◆'
  }
  return marks
})
const words: Record<string, string> = { '■': 'stop', '◆': 'look' }

function told(part: Part): string {
  if (part.kind === 'heart') return `${part.form.kind} · ${part.gauge} ga${part.wires > 1 ? ` × ${part.wires}` : ''}`
  if (part.kind === 'stamens') return `${part.strands} strands, ${part.use}`
  const { count, cut, attachment } = part.pieces
  const size = `${writeLength(cut.lengthMm, lengths.unit, 0)} × ${writeLength(cut.widthMm, lengths.unit, 0)}`
  return `${count} × ${size} · ${attachment.kind === 'wired' ? `${attachment.gauge} ga` : 'glued'}`
}

/** The wire of a bead is drawn at its weight: a thicker line for a lower gauge. */
function weight(part: Part): number {
  const gauge = part.kind === 'heart' ? part.gauge : isPetaled(part) && part.pieces.attachment.kind === 'wired' ? part.pieces.attachment.gauge : 0
  return gauge === 0 ? 0 : Math.max(1, (34 - gauge) / 2.6)
}

const stage = (part: Part) => (isPetaled(part) ? part.pieces.joinAt : part.kind === 'heart' ? 'dry' : '')
</script>

<template>
  <section aria-label="Strand" class="flex min-h-0 flex-col border-r border-line">
    <ol class="relative min-h-0 flex-1 overflow-auto py-2" role="listbox" aria-label="Parts, from the heart outwards">
      <li
        v-for="part in species.parts"
        :key="part.id"
        role="option"
        tabindex="0"
        :aria-selected="part.id === selected"
        :data-bead="part.id"
        class="relative flex min-h-[44px] cursor-pointer items-center gap-3 border-l-4 border-transparent pr-2 pl-3"
        :class="{ '!border-accent bg-sheet': part.id === selected, 'bg-sheet/60': part.id === lit }"
        @click="selected = part.id"
        @keydown.enter.prevent="selected = part.id"
        @keydown.space.prevent="selected = part.id"
        @pointerenter="emit('point', part.id)"
        @pointerleave="emit('point', null)"
      >
        <svg class="-my-px h-[46px] w-8 shrink-0" viewBox="-16 -23 32 46" aria-hidden="true">
          <line x1="0" y1="-23" x2="0" y2="23" stroke="var(--color-ink)" stroke-width="1.6" />
          <line v-if="weight(part)" x1="0" y1="0" x2="16" y2="0" stroke="var(--color-ink)" :stroke-width="weight(part)" />
          <circle r="9" :fill="tints[part.id]" stroke="var(--color-ink)" stroke-width="1" />
        </svg>
        <span class="min-w-0 flex-1">
          <span class="block truncate font-heading text-[17px] leading-5">{{ part.name }}</span>
          <span class="block truncate text-[12px] text-quiet">{{ told(part) }}</span>
        </span>
        <span class="text-right text-[11px] text-quiet">
          <span v-if="findings[part.id]" class="block text-[13px] font-semibold text-ink" :title="words[findings[part.id]!]">{{ findings[part.id] }} {{ words[findings[part.id]!] }}</span>
          <span class="block italic">{{ stage(part) }}</span>
        </span>
      </li>
    </ol>
    <p v-if="species.parts.length === 0" class="px-4 pb-2 text-quiet">
      An empty wire. Begin with a heart, say a ball of 8 mm, then add a ring of five petals.
    </p>
    <div class="flex items-center border-t border-line px-2 py-1.5 text-[12.5px]">
      <Menu as="div" class="relative">
        <MenuButton class="act mr-1 !px-2.5">Add</MenuButton>
        <MenuItems class="absolute bottom-11 left-0 z-20 w-48 border border-ink bg-sheet">
          <MenuItem v-for="k in offered" :key="k.kind" as="button" class="block min-h-9 w-full px-3 text-left ui-active:bg-accent ui-active:text-sheet" @click="emit('add', k.kind)">{{ k.label }}</MenuItem>
        </MenuItems>
      </Menu>
      <button type="button" class="act-quiet !px-1.5 whitespace-nowrap" :disabled="!selected" aria-label="Move inwards" @click="emit('move', -1)">↑</button>
      <button type="button" class="act-quiet !px-1.5 whitespace-nowrap" :disabled="!selected" aria-label="Move outwards" @click="emit('move', 1)">↓</button>
      <button type="button" class="act-quiet !px-1.5 whitespace-nowrap" :disabled="!selected" @click="emit('double')">Double</button>
      <button type="button" class="act-quiet !px-1.5 whitespace-nowrap" :disabled="!selected" @click="emit('aside')">Take away</button>
    </div>
  </section>
</template>
