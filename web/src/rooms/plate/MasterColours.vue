<script setup lang="ts">
import type { Schemas } from '@/api/client'
import { field } from '@/parts/fields/schema'
import SchemaNumber from '@/parts/fields/SchemaNumber.vue'

/** What the strong paste of a shade is coloured with: colours by their names, in parts. */
type Colour = Schemas['MasterColour']

const props = defineProps<{ shade: string; colours: Colour[] }>()
const emit = defineEmits<{ change: [colours: Colour[]] }>()

function changed(at: number, by: Partial<Colour>) {
  emit(
    'change',
    props.colours.map((colour, i) => (i === at ? { ...colour, ...by } : colour)),
  )
}

const leaveOut = (at: number) =>
  emit(
    'change',
    props.colours.filter((_, i) => i !== at),
  )
</script>

<template>
  <div class="col-span-3">
    <div v-for="(colour, i) in colours" :key="i" class="mt-1 grid grid-cols-[84px_1fr_24px] items-end gap-2">
      <SchemaNumber label="parts" :node="field('MasterColour', 'parts')" :value="colour.parts" @change="changed(i, { parts: $event })" />
      <input
        class="field h-[30px]"
        :value="colour.name"
        :aria-label="`paste colour ${i + 1} of the master of ${shade}`"
        maxlength="60"
        @change="changed(i, { name: ($event.target as HTMLInputElement).value })"
      />
      <button type="button" class="h-[30px] px-1 text-quiet" :aria-label="`Remove ${colour.name} from ${shade}`" @click="leaveOut(i)">
        ×
      </button>
    </div>
    <button
      v-if="colours.length < 6"
      type="button"
      class="act-quiet !px-0"
      :aria-label="`Add a paste colour to the master of ${shade}`"
      @click="emit('change', [...colours, { name: 'paste colour', parts: 1 }])"
    >
      {{ colours.length ? 'Add a paste colour' : 'Say what colours the master' }}
    </button>
  </div>
</template>
