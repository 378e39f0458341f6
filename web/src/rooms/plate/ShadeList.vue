<script setup lang="ts">
import type { Schemas, SpeciesDocument } from '@/api/client'
import { field } from '@/parts/fields/schema'
import SchemaNumber from '@/parts/fields/SchemaNumber.vue'
import { usesShade } from './handling'
import MasterColours from './MasterColours.vue'

const props = defineProps<{ species: SpeciesDocument; reckoned: Schemas['ShadeReckoning'][] }>()
const emit = defineEmits<{ change: [path: string, value: unknown] }>()
const of = (id: string) => props.reckoned.find((s) => s.id === id)
const used = (id: string) => usesShade(props.species, id)

function add() {
  const ids = new Set(props.species.shades.map((s) => s.id))
  let n = props.species.shades.length + 1
  while (ids.has(`shade-${n}`)) n++
  emit('change', '/shades', [...props.species.shades, { id: `shade-${n}`, name: `shade ${n}`, strong: '#8a6a4a', share: 0.3, master: [] }])
}

function leaveOut(at: number) {
  emit(
    'change',
    '/shades',
    props.species.shades.filter((_, i) => i !== at),
  )
}
</script>

<template>
  <h3 class="heading-small mt-2 border-b border-line">shades</h3>
  <div v-for="(shade, i) in species.shades" :key="shade.id" class="mt-1.5 grid grid-cols-[40px_1fr_84px] items-end gap-2">
    <span
      class="h-[46px] border border-line"
      :style="{ background: of(shade.id)?.colour }"
      :title="`${shade.name}: the colour of the mix`"
    />
    <label class="min-w-0">
      <span class="block text-note text-quiet">
        {{ of(shade.id)?.pieceG.toFixed(1) }} g: {{ of(shade.id)?.strongG.toFixed(1) }} strong, {{ of(shade.id)?.whiteG.toFixed(1) }} white
      </span>
      <span class="flex gap-1">
        <input
          class="field h-[30px]"
          :value="shade.name"
          :aria-label="`name of ${shade.name}`"
          maxlength="60"
          @change="emit('change', `/shades/${i}/name`, ($event.target as HTMLInputElement).value)"
        />
        <input
          type="color"
          class="h-[30px] w-8 shrink-0 border border-line bg-sheet"
          :value="shade.strong"
          :aria-label="`strong colour of ${shade.name}`"
          @change="emit('change', `/shades/${i}/strong`, ($event.target as HTMLInputElement).value)"
        />
        <button
          v-if="!used(shade.id) && species.shades.length > 1"
          type="button"
          class="px-1 text-quiet"
          :aria-label="`Remove ${shade.name}`"
          @click="leaveOut(i)"
        >
          ×
        </button>
      </span>
    </label>
    <SchemaNumber
      percent
      label="strong colour"
      :node="field('Shade', 'share')"
      :value="shade.share"
      @change="emit('change', `/shades/${i}/share`, $event)"
    />
    <MasterColours
      v-if="shade.share > 0"
      :shade="shade.name"
      :colours="shade.master"
      @change="emit('change', `/shades/${i}/master`, $event)"
    />
  </div>
  <button type="button" class="act-quiet mt-1 !px-0" @click="add">Add a shade</button>
</template>
