<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Part, Reckoning } from '@/api/client'

/** The rings side by side, paste above and what their passes leave below: whether the change from one to the next is smooth. */
const props = defineProps<{ rings: Part[]; reckoning: Reckoning; selected?: string }>()
const emit = defineEmits<{ select: [id: string]; copy: [to: string]; between: [to: string] }>()

const steps = computed(() =>
  props.rings.map((ring) => ({ id: ring.id, name: ring.name, worn: props.reckoning.parts.find((p) => p.id === ring.id)?.worn })),
)
const others = computed(() => props.rings.filter((r) => r.id !== props.selected))
const to = ref('')
const target = computed(() => others.value.find((r) => r.id === to.value) ?? others.value.at(-1))
</script>

<template>
  <div v-if="rings.length > 1" class="flex items-end gap-3 border-t border-line px-3 py-1.5">
    <ol class="flex min-w-0 flex-1 gap-0.5" aria-label="Colours from ring to ring">
      <li v-for="step in steps" :key="step.id" class="min-w-0 flex-1">
        <button
          type="button"
          class="block w-full text-left"
          :aria-pressed="step.id === selected"
          :title="step.name"
          @click="emit('select', step.id)"
        >
          <span v-if="step.worn" class="flex h-7" :class="{ 'outline-2 outline-accent': step.id === selected }">
            <span
              v-for="(colour, k) in [step.worn.foot, step.worn.middle, step.worn.edge]"
              :key="k"
              class="flex-1"
              :style="{ background: colour }"
            />
          </span>
          <span class="block truncate text-note text-quiet">{{ step.name }}</span>
        </button>
      </li>
    </ol>
    <div v-if="target && rings.some((r) => r.id === selected)" class="flex shrink-0 items-center gap-2 text-note">
      <label class="flex items-center gap-1"
        >to
        <select
          class="field !w-auto"
          :value="target.id"
          aria-label="to which ring"
          @change="to = ($event.target as HTMLSelectElement).value"
        >
          <option v-for="r in others" :key="r.id" :value="r.id">{{ r.name }}</option>
        </select></label
      >
      <button
        type="button"
        class="act-quiet"
        title="The same passes, as much stronger or weaker as its shade is"
        @click="emit('copy', target.id)"
      >
        Take them there
      </button>
      <button
        type="button"
        class="act-quiet"
        title="The rings between take even steps from these passes to those"
        @click="emit('between', target.id)"
      >
        Step between
      </button>
    </div>
  </div>
</template>
